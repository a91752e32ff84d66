namespace Antiphon.Core.Comments.Deciding;

/// <summary>What a rule looks at.</summary>
public enum RuleCondition
{
    /// <summary>The text holds so many addresses or more.</summary>
    LinksAtLeast,

    /// <summary>Text, name, mail or address holds one of the words or phrases; "*" stands for any letters.</summary>
    Words,

    /// <summary>The writer has no public comment yet.</summary>
    FirstTimeWriter,

    /// <summary>The writer has so many public comments or more, by a confirmed or repeated mail.</summary>
    TrustedWriter,

    /// <summary>The filter is sure enough, and says so many hundredths or more.</summary>
    ScoreAtLeast,

    /// <summary>The filter is sure enough, and says less than so many hundredths.</summary>
    ScoreBelow,

    /// <summary>The same text came so many times or more within a day.</summary>
    RepeatedText,

    /// <summary>It was sent within so many seconds after the form was shown.</summary>
    SentWithin,

    /// <summary>So many comments or more came from the same place within an hour.</summary>
    ManyFromOnePlace,
}
