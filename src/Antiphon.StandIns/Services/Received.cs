namespace Antiphon.StandIns.Services;

/// <summary>Something a service took.</summary>
/// <param name="Number">Its number, which stands in its address.</param>
/// <param name="Service">lantern, parish, bell or hub.</param>
/// <param name="Key">What tells repeats apart; empty where the sender gave nothing.</param>
/// <param name="Text">What people read of it.</param>
/// <param name="Body">What was sent, as it came.</param>
/// <param name="At">When.</param>
public sealed record Received(int Number, string Service, string Key, string Text, string Body, DateTimeOffset At)
{
    /// <summary>Whether it was taken away.</summary>
    public bool IsGone { get; init; }

    /// <summary>Address of its picture; empty for none.</summary>
    public string Picture { get; init; } = string.Empty;

    /// <summary>What the picture shows.</summary>
    public string Alt { get; init; } = string.Empty;

    /// <summary>What others answered to it, the first first.</summary>
    public IReadOnlyList<string> Answers { get; init; } = [];

    /// <summary>How many like it.</summary>
    public int Likes { get; init; }

    /// <summary>How many passed it on.</summary>
    public int PassedOn { get; init; }

    /// <summary>How often the same came again.</summary>
    public int Repeats { get; init; }
}
