namespace Antiphon.Core.Html.Trees;

/// <summary>What becomes of a node.</summary>
public enum TreeFate
{
    /// <summary>It stays.</summary>
    Keep,

    /// <summary>It goes with all it holds.</summary>
    Remove,

    /// <summary>It goes; what it holds takes its place.</summary>
    Unwrap,
}
