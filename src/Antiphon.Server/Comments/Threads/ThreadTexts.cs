using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Threads;
using Antiphon.Core.Languages;

namespace Antiphon.Server.Comments.Threads;

/// <summary>What is said within threads beside the words every embed has, in the site's language.</summary>
internal sealed record ThreadTexts(
    string Answer,
    string AnswersTo,
    string Up,
    string Down,
    string Report,
    string Send,
    string Reported,
    string Public,
    string Refused,
    string MailMissing,
    string OrderBy,
    string Permanent,
    string Leave,
    string MoreActs,
    string WaitsHere,
    string Bold,
    string Italic,
    string Quote,
    string Code,
    string List,
    string Link,
    Phrase Counted,
    IReadOnlyDictionary<CommentOrder, string> Orders,
    IReadOnlyDictionary<ReportReason, string> Reasons
)
{
    private static readonly Catalogue<ThreadTexts> All = new("threads");

    /// <summary>The texts for a language tag; English for a language without texts.</summary>
    public static ThreadTexts For(string? language) => All.For(language);
}
