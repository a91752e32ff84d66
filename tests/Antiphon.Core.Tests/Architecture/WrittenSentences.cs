using System.Text.RegularExpressions;
using Antiphon.Tests;
using Microsoft.CodeAnalysis;
using Microsoft.CodeAnalysis.CSharp;
using Microsoft.CodeAnalysis.CSharp.Syntax;

namespace Antiphon.Core.Tests.Architecture;

/// <summary>The texts that are written in the code of a project, with a numbered place for each value in them.</summary>
internal static partial class WrittenSentences
{
    private const string Hole = "\u0001";

    // Words of attributes, of exceptions and of the description of the API are for those who write programs.
    private static readonly string[] ForDevelopers = ["WithSummary", "WithDescription", "WithTags", "Fail"];

    /// <summary>The syntax trees of a project below src, each with its path from there.</summary>
    /// <param name="project">Name of the project's folder.</param>
    public static IEnumerable<(string File, SyntaxNode Root)> Files(string project) =>
        Directory
            .EnumerateFiles(Path.Combine(Repository.Root, "src", project), "*.cs", SearchOption.AllDirectories)
            .Select(file =>
                (File: Path.GetRelativePath(Path.Combine(Repository.Root, "src"), file).Replace('\\', '/'), Full: file)
            )
            .Where(file => !file.File.Contains("/obj/", StringComparison.Ordinal))
            .Select(file => (file.File, CSharpSyntaxTree.ParseText(File.ReadAllText(file.Full)).GetRoot()));

    /// <summary>All texts below a node that have a blank in them; others are names.</summary>
    /// <param name="node">Where to look.</param>
    public static IEnumerable<string> Texts(SyntaxNode node) =>
        node.DescendantNodesAndSelf(inner => inner is not InterpolatedStringExpressionSyntax && !IsSum(inner))
            .SelectMany(LinesOf)
            .Where(text => text.Trim().Contains(' ', StringComparison.Ordinal));

    /// <summary>The whole sentences below a node that may be said to somebody who does not write programs.</summary>
    /// <param name="node">Where to look.</param>
    public static IEnumerable<string> Sentences(SyntaxNode node) =>
        node.DescendantNodes(inner =>
                inner is not InterpolatedStringExpressionSyntax && !IsSum(inner) && !IsForDevelopers(inner)
            )
            .SelectMany(LinesOf)
            .Where(text => Sentence().IsMatch(text));

    private static bool IsForDevelopers(SyntaxNode node) =>
        node switch
        {
            AttributeSyntax => true,
            ThrowExpressionSyntax or ThrowStatementSyntax => true,
            InvocationExpressionSyntax { Expression: MemberAccessExpressionSyntax access } => ForDevelopers.Contains(
                access.Name.Identifier.Text
            ),
            _ => false,
        };

    // A sentence that is too long for its line is written as a sum.
    private static bool IsSum(SyntaxNode node) =>
        node is BinaryExpressionSyntax { RawKind: (int)SyntaxKind.AddExpression } && Parts(node) is not null;

    private static IEnumerable<SyntaxNode>? Parts(SyntaxNode node) =>
        node switch
        {
            BinaryExpressionSyntax { RawKind: (int)SyntaxKind.AddExpression } sum
                when Parts(sum.Left) is { } left && Parts(sum.Right) is { } right => left.Concat(right),
            LiteralExpressionSyntax { Token.Value: string } or InterpolatedStringExpressionSyntax => [node],
            _ => null,
        };

    // Each line of a text is a sentence of its own, and its places are counted from the first.
    private static IEnumerable<string> LinesOf(SyntaxNode node)
    {
        if (node.Parent is { } parent && IsSum(parent) || Parts(node) is not { } parts)
            return [];
        return string.Concat(
                parts.Select(part =>
                    part is InterpolatedStringExpressionSyntax text
                        ? string.Concat(text.Contents.Select(Plain))
                        : (string)((LiteralExpressionSyntax)part).Token.Value!
                )
            )
            .Split('\n')
            .Select(line => PropertyValue().Replace(line, Hole))
            .Select(Numbered);
    }

    private static string Numbered(string line)
    {
        var number = 0;
        return Regex.Replace(line, Hole, _ => $"{{{number++}}}");
    }

    private static string Plain(InterpolatedStringContentSyntax content) =>
        content is InterpolatedStringTextSyntax words
            ? words
                .TextToken.ValueText.Replace("{{", "{", StringComparison.Ordinal)
                .Replace("}}", "}", StringComparison.Ordinal)
            : Hole;

    [GeneratedRegex(@"\{PropertyValue\}")]
    private static partial Regex PropertyValue();

    // At least three words, of which one ends what is said.
    [GeneratedRegex(@"^[A-Z“{][^\n]* [^\n]* [^\n]*[\p{L}\d”})…]\.( |$)")]
    private static partial Regex Sentence();
}
