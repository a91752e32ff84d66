namespace Antiphon.Core.Comments.Filtering.Signals;

/// <summary>
/// Reads a comment into signals; one serves one thread at a time and is used again, as its tables are large.
/// </summary>
internal sealed class CommentReading
{
    private readonly SignalBuffer _buffer = new();
    private readonly SignalReader<BufferSink> _reader = new();

    /// <summary>The signals read.</summary>
    public SignalBuffer Buffer => _buffer;

    /// <summary>Hashes of the words read, in order.</summary>
    public IReadOnlyList<ulong> Words => _reader.WordHashes;

    /// <summary>Addresses in the text read.</summary>
    public int Addresses => _reader.Addresses;

    /// <summary>Reads a comment.</summary>
    public void Read(CommentTraits comment)
    {
        _buffer.Clear();
        var sink = new BufferSink(_buffer);
        _reader.Read(comment, ref sink);
    }

    /// <summary>Reads how like it is to earlier ones.</summary>
    public void ReadLikeness(CommentTraits comment, EarlierComments earlier, int itself)
    {
        var sink = new BufferSink(_buffer);
        earlier.Read(comment, _reader.WordHashes, _reader.Addresses, itself, ref sink);
    }
}
