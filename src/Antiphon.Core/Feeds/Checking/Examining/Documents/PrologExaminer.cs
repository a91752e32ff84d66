using System.Text.RegularExpressions;
using Antiphon.Core.Feeds.Rules.Documents;
using Antiphon.Core.Feeds.Source;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Checking.Examining.Documents;

/// <summary>Checks what stands before the outermost element: the declaration and the document type.</summary>
internal static partial class PrologExaminer
{
    private const int LongestHead = 20_000;

    /// <summary>Examines the beginning of a document that is XML.</summary>
    public static void Examine(Examination examination, string text)
    {
        void Report(CheckRule rule, int at, params string[] arguments)
        {
            var (line, column) = TextPlace.Of(text, at);
            examination.Report(Finding.At(rule, line, column, arguments));
        }

        if (FeedXml.HasLateDeclaration(text, out _))
            Report(DocumentRules.TextBeforeDeclaration, 0);
        var head = text[..Math.Min(text.Length, LongestHead)];
        if (Version().Match(head) is { Success: true } version && version.Groups[1].Value == "1.1")
            Report(EncodingRules.Version, version.Groups[1].Index, version.Groups[1].Value);
        if (Doctype().Match(head) is not { Success: true } doctype)
            return;
        var entities = Entity().Matches(head);
        var external = entities.FirstOrDefault(entity => entity.Groups["outside"].Success);
        var nested = entities.FirstOrDefault(entity => Reference().IsMatch(entity.Groups["value"].Value));
        if (external is not null)
            Report(EncodingRules.EntityExternal, external.Index, external.Groups["name"].Value);
        else if (nested is not null)
            Report(EncodingRules.EntityNested, nested.Index, nested.Groups["name"].Value);
        else if (entities.Count > 0)
            Report(EncodingRules.EntityDefined, entities[0].Index, entities[0].Groups["name"].Value);
        else
            Report(DocumentRules.HasDoctype, doctype.Index);
    }

    /// <summary>A declaration as far as its version.</summary>
    [GeneratedRegex("""^\s*<\?xml\s+version\s*=\s*["']([^"']*)["']""")]
    internal static partial Regex Version();

    [GeneratedRegex(@"<!DOCTYPE(?![^<]*-->)", RegexOptions.IgnoreCase)]
    private static partial Regex Doctype();

    /// <summary>The declaration of an entity, with its name, and its value or where it stands.</summary>
    [GeneratedRegex(
        """<!ENTITY\s+(?:%\s+)?(?<name>[^\s"'<>]+)\s+(?:(?<outside>SYSTEM|PUBLIC)\b|"(?<value>[^"]*)"|'(?<value>[^']*)')"""
    )]
    internal static partial Regex Entity();

    // The five names of XML itself and characters by number make nothing grow.
    [GeneratedRegex("[&%](?!(?:amp|lt|gt|quot|apos);|#)[A-Za-z_:][^;\\s]*;")]
    private static partial Regex Reference();
}
