namespace Antiphon.Core.Coverage;

/// <summary>What stands where a post and a place meet.</summary>
public enum CoverageMark
{
    /// <summary>Full note: it is there.</summary>
    InPlace,

    /// <summary>Hollow note: it will be there.</summary>
    Due,

    /// <summary>Rest: it is left out, by choice or by rule.</summary>
    LeftOut,

    /// <summary>Crossed note: it should be there and something broke.</summary>
    Failed,

    /// <summary>Half note: something older than the post is there.</summary>
    OutOfDate,
}
