using System.Text.Json;
using System.Text.RegularExpressions;
using Antiphon.Core.Feeds.Conversion;
using Antiphon.Tests;
using Microsoft.CodeAnalysis;
using Microsoft.CodeAnalysis.CSharp;
using Microsoft.CodeAnalysis.CSharp.Syntax;

namespace Antiphon.Core.Tests.Architecture;

/// <summary>
/// Every sentence the server says to a team when it refuses something, and every sentence of a repair and a conversion,
/// is in the catalogue of each language, with the same places for values.
/// </summary>
public sealed partial class TeamTextsTests
{
    private static readonly string Source = Path.Combine(Repository.Root, "src");

    private static readonly Dictionary<string, string> German = Catalogue("de.json");
    private static readonly Dictionary<string, string> GermanActs = Catalogue("de.acts.json");

    // Files whose sentences stand there in each language, are said to programs, or are made up for the demo.
    private static readonly string[] Elsewhere =
    [
        "Core/Feeds/Rules/",
        "Core/Feeds/Checking/RulePage.cs",
        "Core/Feeds/Conversion/FeedConversion.cs",
        "Core/Feeds/Clauses/",
        "Core/Feeds/Letters/",
        "Core/Feeds/Reports/",
        "Server/Demo/",
        "Server/Mentions/MentionReceiving.cs",
        "Server/Embed/EnteredForm.cs",
        "Server/Platform/Api/ApiDescription.cs",
        "Server/Feeds/Checking/CheckFeedCommand.cs",
        "Server/Platform/Accounts/SetupKey.cs",
        "Server/Work/ClaimLostException.cs",
    ];

    [Fact]
    public void Every_refusal_is_translated()
    {
        var said = WrittenSentences
            .Files("Antiphon.Server")
            .SelectMany(file => file.Root.DescendantNodes().OfType<InvocationExpressionSyntax>())
            .Where(call => call.Expression.ToString() is "FieldProblem.For" || NameOf(call) == "WithMessage")
            .SelectMany(call => call.ArgumentList.Arguments.TakeLast(1))
            .SelectMany(WrittenSentences.Texts)
            .ToHashSet(StringComparer.Ordinal);
        Assert.True(said.Count > 150, $"Only {said.Count} refusals were found; the test looks in the wrong place.");
        Assert.Equal([], said.Except(German.Keys, StringComparer.Ordinal).Order(StringComparer.Ordinal));
    }

    [Theory]
    [InlineData("FetchWords")]
    [InlineData("CoverageWords")]
    [InlineData("InstallationWords")]
    [InlineData("FollowingWords")]
    public void Everything_a_table_of_words_says_is_translated(string table)
    {
        var words = WrittenSentences
            .Files("Antiphon.Server")
            .SelectMany(file => file.Root.DescendantNodes().OfType<ClassDeclarationSyntax>())
            .Single(type => type.Identifier.Text == table);
        var said = words
            .DescendantNodes()
            .OfType<SwitchExpressionArmSyntax>()
            .SelectMany(arm => WrittenSentences.Texts(arm.Expression))
            .ToList();
        Assert.True(said.Count > 5);
        Assert.Equal([], said.Except(German.Keys, StringComparer.Ordinal));
    }

    [Fact]
    public void Everything_a_notice_tells_is_translated()
    {
        var said = WrittenSentences
            .Files("Antiphon.Server")
            .Where(file => !file.File.Contains("/Demo/", StringComparison.Ordinal))
            .SelectMany(file => file.Root.DescendantNodes())
            .Where(node =>
                node is ObjectCreationExpressionSyntax { Type: IdentifierNameSyntax { Identifier.Text: "Notice" } }
                || node is InvocationExpressionSyntax { Expression: IdentifierNameSyntax { Identifier.Text: "Notice" } }
            )
            .SelectMany(WrittenSentences.Texts)
            .Where(text => text.Any(char.IsLetter) && !text.StartsWith("s/", StringComparison.Ordinal))
            .ToHashSet(StringComparer.Ordinal);
        Assert.True(said.Count > 10, $"Only {said.Count} texts of notices were found.");
        said.ExceptWith(German.Keys);
        Assert.True(said.Count == 0, $"No German for:\n{string.Join('\n', said)}");
    }

    [Fact]
    public void Everything_the_activity_log_says_is_translated()
    {
        var said = WrittenSentences
            .Files("Antiphon.Server")
            .SelectMany(file =>
                file.Root.DescendantNodes()
                    .Where(node =>
                        node is InvocationExpressionSyntax call && call.Expression.ToString() == "acts.AddAsync"
                        || node is VariableDeclaratorSyntax { Identifier.Text: "what" }
                        || node is MethodDeclarationSyntax { Identifier.Text: "WordsFor" }
                            && file.File.EndsWith("BulkChanges.cs", StringComparison.Ordinal)
                    )
            )
            .SelectMany(WrittenSentences.Texts)
            .Where(text => text.Any(char.IsLetter) && text != ", ")
            .ToHashSet(StringComparer.Ordinal);
        Assert.True(said.Count > 20, $"Only {said.Count} texts of the log were found.");
        said.ExceptWith(GermanActs.Keys);
        Assert.True(said.Count == 0, $"No German for:\n{string.Join('\n', said)}");
    }

    [Theory]
    [InlineData("Antiphon.Core")]
    [InlineData("Antiphon.Server")]
    public void Every_sentence_is_translated(string project)
    {
        var said = WrittenSentences
            .Files(project)
            .Where(file => !Elsewhere.Any(place => file.File.Contains(place, StringComparison.Ordinal)))
            .SelectMany(file => WrittenSentences.Sentences(file.Root).Select(text => (file.File, Text: text)))
            .Where(said => !German.ContainsKey(said.Text))
            .Select(said => $"{said.File}: {said.Text}")
            .Distinct()
            .ToList();
        Assert.True(said.Count == 0, $"No German for:\n{string.Join('\n', said)}");
    }

    [Fact]
    public void Everything_a_conversion_loses_has_a_name_in_each_language() =>
        Assert.Equal(
            [],
            CarriedValues
                .All.Where(value => value.Rss is null || value.Atom is null || value.Json is null)
                .Select(value => value.Name)
                .Where(name => !German.ContainsKey(name))
        );

    [Fact]
    public void A_translation_has_the_places_of_its_sentence() =>
        Assert.Equal(
            [],
            German
                .Concat(GermanActs)
                .Where(text => !Places(text.Key).SetEquals(Places(text.Value)))
                .Select(text => $"{text.Key} | {text.Value}")
        );

    private static Dictionary<string, string> Catalogue(string name) =>
        JsonSerializer.Deserialize<Dictionary<string, string>>(
            File.ReadAllText(Path.Combine(Source, "Antiphon.Server/Platform/Language", name))
        )!;

    private static HashSet<string> Places(string text) => [.. Place().Matches(text).Select(match => match.Value)];

    private static string? NameOf(InvocationExpressionSyntax call) =>
        (call.Expression as MemberAccessExpressionSyntax)?.Name.Identifier.Text;

    [GeneratedRegex(@"\{\d\}")]
    private static partial Regex Place();
}
