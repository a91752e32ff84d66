namespace Antiphon.Core.Comments.Deciding;

/// <summary>What a person of the team holds of a writer.</summary>
public enum WriterMarkKind
{
    /// <summary>What they write is put aside.</summary>
    Banned,

    /// <summary>What they write is published unless a rule says otherwise.</summary>
    Trusted,
}
