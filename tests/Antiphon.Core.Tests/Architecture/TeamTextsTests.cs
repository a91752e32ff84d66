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

    private static readonly Dictionary<string, string> German = JsonSerializer.Deserialize<Dictionary<string, string>>(
        File.ReadAllText(Path.Combine(Source, "Antiphon.Server/Platform/Language/de.json"))
    )!;

    [Fact]
    public void Every_refusal_is_translated()
    {
        var said = Files("Antiphon.Server")
            .SelectMany(root => root.DescendantNodes().OfType<InvocationExpressionSyntax>())
            .Where(call => call.Expression.ToString() is "FieldProblem.For" || NameOf(call) == "WithMessage")
            .SelectMany(call => call.ArgumentList.Arguments.TakeLast(1))
            .SelectMany(argument => Sentences(argument))
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
        var words = Files("Antiphon.Server")
            .SelectMany(root => root.DescendantNodes().OfType<ClassDeclarationSyntax>())
            .Single(type => type.Identifier.Text == table);
        var said = words
            .DescendantNodes()
            .OfType<SwitchExpressionArmSyntax>()
            .SelectMany(arm => Sentences(arm.Expression))
            .ToList();
        Assert.True(said.Count > 5);
        Assert.Equal([], said.Except(German.Keys, StringComparer.Ordinal));
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
                .Where(text => !Places(text.Key).SetEquals(Places(text.Value)))
                .Select(text => $"{text.Key} | {text.Value}")
        );

    private static HashSet<string> Places(string text) => [.. Place().Matches(text).Select(match => match.Value)];

    private static IEnumerable<SyntaxNode> Files(string project) =>
        Directory
            .EnumerateFiles(Path.Combine(Source, project), "*.cs", SearchOption.AllDirectories)
            .Where(file =>
                !file.Contains(
                    $"{Path.DirectorySeparatorChar}obj{Path.DirectorySeparatorChar}",
                    StringComparison.Ordinal
                )
            )
            .Select(file => CSharpSyntaxTree.ParseText(File.ReadAllText(file)).GetRoot());

    private static string? NameOf(InvocationExpressionSyntax call) =>
        (call.Expression as MemberAccessExpressionSyntax)?.Name.Identifier.Text;

    // A text with a blank in it is a sentence; others are names.
    private static IEnumerable<string> Sentences(SyntaxNode node) =>
        node.DescendantNodesAndSelf(inner => inner is not InterpolatedStringExpressionSyntax)
            .Select(inner =>
                inner switch
                {
                    LiteralExpressionSyntax { Token.Value: string text } => text,
                    InterpolatedStringExpressionSyntax text => Pattern(text),
                    _ => null,
                }
            )
            .OfType<string>()
            .Select(text => PropertyValue().Replace(text, "{0}"))
            .Where(text => text.Trim().Contains(' ', StringComparison.Ordinal));

    private static string Pattern(InterpolatedStringExpressionSyntax text)
    {
        var number = 0;
        return string.Concat(
            text.Contents.Select(part =>
                part is InterpolatedStringTextSyntax words
                    ? words
                        .TextToken.ValueText.Replace("{{", "{", StringComparison.Ordinal)
                        .Replace("}}", "}", StringComparison.Ordinal)
                    : $"{{{number++}}}"
            )
        );
    }

    [GeneratedRegex(@"\{\d\}")]
    private static partial Regex Place();

    [GeneratedRegex(@"\{PropertyValue\}")]
    private static partial Regex PropertyValue();
}
