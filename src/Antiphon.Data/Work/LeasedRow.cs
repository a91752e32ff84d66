namespace Antiphon.Data.Work;

/// <summary>
/// A row that is work to be done. Whoever does it holds the row for a while under a number, so that several servers
/// share the work and none does what another does.
/// </summary>
public abstract class LeasedRow
{
    /// <summary>
    /// Until when nobody else takes it up: somebody is at it, or it is left alone after it could not be done. Null
    /// while it is free.
    /// </summary>
    public DateTimeOffset? HeldUntil { get; set; }

    /// <summary>
    /// Number of the last claim. It grows with each and never falls; what became of the work is recorded only under the
    /// number it was begun with.
    /// </summary>
    public long ClaimNumber { get; set; }

    /// <summary>
    /// How often it was begun since it last came to an end of any kind. What stops the server, or throws, raises it.
    /// </summary>
    public int Unfinished { get; set; }
}
