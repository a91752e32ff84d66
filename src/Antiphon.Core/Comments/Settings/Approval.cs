namespace Antiphon.Core.Comments.Settings;

/// <summary>Which comments wait for a person when no rule says otherwise.</summary>
public enum Approval
{
    /// <summary>All of them.</summary>
    All,

    /// <summary>Those of writers without a public comment.</summary>
    FirstTimeWriters,

    /// <summary>Those with addresses in them.</summary>
    WithLinks,

    /// <summary>Those the filter does not score low; all of them while it is not sure yet.</summary>
    ByScore,

    /// <summary>None.</summary>
    None,
}
