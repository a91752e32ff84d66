namespace Antiphon.Core.Feeds.Model;

/// <summary>
/// A text that is made when it is first asked for: most of what a feed says is never looked at by whoever reads it.
/// </summary>
internal struct LateText
{
    private string? _text;
    private Uri? _base;
    private Func<string, Uri?, string?>? _make;

    /// <summary>A text that is there.</summary>
    public LateText(string? text) => _text = text;

    /// <summary>A text that is made of another.</summary>
    /// <param name="raw">The other; null for none.</param>
    /// <param name="baseAddress">What addresses in it are resolved against.</param>
    /// <param name="make">Makes the text; it must not depend on anything else.</param>
    public LateText(string? raw, Uri? baseAddress, Func<string, Uri?, string?> make) =>
        (_text, _base, _make) = (raw, baseAddress, raw is null ? null : make);

    /// <summary>Whether there is nothing to make a text of.</summary>
    public readonly bool IsNone => _text is null;

    /// <summary>The text, made once.</summary>
    public string? Get()
    {
        if (_make is { } make)
            (_text, _make) = (make(_text!, _base), null);
        return _text;
    }
}
