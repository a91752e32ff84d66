namespace Antiphon.Data.Importing;

/// <summary>How far an import is.</summary>
public enum ImportState
{
    /// <summary>The table is read; somebody is to say where its columns go.</summary>
    Matching,

    /// <summary>Posts are being made, or will be as soon as a worker takes it up.</summary>
    Running,

    /// <summary>Every row was dealt with.</summary>
    Done,

    /// <summary>Somebody stopped it; what was made stays.</summary>
    Stopped,

    /// <summary>It could not go on.</summary>
    Failed,

    /// <summary>It was taken back.</summary>
    Undone,
}
