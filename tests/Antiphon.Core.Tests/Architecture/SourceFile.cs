using System.Collections.Concurrent;
using Microsoft.CodeAnalysis;
using Microsoft.CodeAnalysis.CSharp;
using Microsoft.CodeAnalysis.CSharp.Syntax;

namespace Antiphon.Core.Tests.Architecture;

/// <summary>A file of C# as it is written: what it declares and which names it uses.</summary>
internal sealed class SourceFile
{
    private static readonly ConcurrentDictionary<string, Lazy<IReadOnlyList<SourceFile>>> Known = new();
    private readonly HashSet<string> _imports;

    private SourceFile(string path, CompilationUnitSyntax root)
    {
        Path = path;
        Namespace = root.Members.OfType<FileScopedNamespaceDeclarationSyntax>().FirstOrDefault()?.Name.ToString()
            ?? string.Empty;
        _imports =
        [
            .. root.Usings.Where(directive => directive.Alias is null).Select(directive => directive.Name!.ToString()),
        ];
        var nodes = root.DescendantNodes().ToList();
        Types =
        [
            .. nodes
                .OfType<BaseTypeDeclarationSyntax>()
                .Where(type => type.Parent is FileScopedNamespaceDeclarationSyntax)
                .Select(type => type.Identifier.ValueText),
        ];
        Extensions =
        [
            .. nodes
                .OfType<MethodDeclarationSyntax>()
                .Where(method =>
                    method.ParameterList.Parameters.FirstOrDefault()?.Modifiers.Any(SyntaxKind.ThisKeyword) == true
                )
                .Select(method => method.Identifier.ValueText),
        ];
        Names =
        [
            .. nodes
                .OfType<SimpleNameSyntax>()
                .Where(name => !IsMember(name))
                .Select(name => name.Identifier.ValueText),
        ];
        Calls =
        [
            .. nodes
                .OfType<InvocationExpressionSyntax>()
                .Select(call => call.Expression)
                .OfType<MemberAccessExpressionSyntax>()
                .Select(access => access.Name.Identifier.ValueText),
        ];
    }

    /// <summary>Path below the project.</summary>
    public string Path { get; }

    /// <summary>Its namespace.</summary>
    public string Namespace { get; }

    /// <summary>Types it declares at the top.</summary>
    public HashSet<string> Types { get; }

    /// <summary>Extension methods it declares.</summary>
    public HashSet<string> Extensions { get; }

    /// <summary>Names it uses that may be types.</summary>
    public HashSet<string> Names { get; }

    /// <summary>Methods it calls on something.</summary>
    public HashSet<string> Calls { get; }

    /// <summary>Folder below the project; empty at its top.</summary>
    public string Folder => System.IO.Path.GetDirectoryName(Path)!;

    /// <summary>First part of the folder; empty at the top of the project.</summary>
    public string Area => Folder.Split('/')[0];

    /// <summary>The files of a project, but what is made by a tool; read once.</summary>
    public static IReadOnlyList<SourceFile> Of(string project) =>
        Known.GetOrAdd(project, name => new Lazy<IReadOnlyList<SourceFile>>(() => Read(name))).Value;

    private static List<SourceFile> Read(string project)
    {
        var top = System.IO.Path.Combine(Antiphon.Tests.Repository.Root, "src", project);
        var files = Directory
            .EnumerateFiles(top, "*.cs", SearchOption.AllDirectories)
            .Select(file => System.IO.Path.GetRelativePath(top, file))
            .Where(file =>
                !file.StartsWith("bin/", StringComparison.Ordinal)
                && !file.StartsWith("obj/", StringComparison.Ordinal)
                && !file.StartsWith("Migrations/", StringComparison.Ordinal)
            );
        return
        [
            .. files.Select(file => new SourceFile(
                file,
                CSharpSyntaxTree.ParseText(File.ReadAllText(System.IO.Path.Combine(top, file))).GetCompilationUnitRoot()
            )),
        ];
    }

    /// <summary>Whether it sees what another declares: by import, or because it stands within its namespace.</summary>
    public bool Sees(SourceFile other) =>
        _imports.Contains(other.Namespace)
        || Namespace == other.Namespace
        || Namespace.StartsWith(other.Namespace + ".", StringComparison.Ordinal);

    // The right side of a dot, and the name of a member that is set, are no types of their own.
    private static bool IsMember(SimpleNameSyntax name) =>
        name.Parent switch
        {
            MemberAccessExpressionSyntax access => access.Name == name,
            MemberBindingExpressionSyntax => true,
            NameColonSyntax or NameEqualsSyntax => true,
            AssignmentExpressionSyntax { Parent: InitializerExpressionSyntax or WithExpressionSyntax } set => set.Left
                == name,
            _ => false,
        };
}
