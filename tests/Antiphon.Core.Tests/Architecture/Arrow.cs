using System.Collections.Concurrent;

namespace Antiphon.Core.Tests.Architecture;

/// <summary>One file of a project takes something from another.</summary>
internal sealed record Arrow(SourceFile From, SourceFile To, string Name)
{
    private static readonly ConcurrentDictionary<string, Lazy<IReadOnlyList<Arrow>>> Known = new();

    /// <summary>All arrows of a project between files in different folders; looked for once.</summary>
    public static IReadOnlyList<Arrow> Of(string project) =>
        Known.GetOrAdd(project, name => new Lazy<IReadOnlyList<Arrow>>(() => Find(SourceFile.Of(name)))).Value;

    /// <inheritdoc/>
    public override string ToString() => $"{From.Path} takes {Name} of {To.Path}";

    private static List<Arrow> Find(IReadOnlyList<SourceFile> files)
    {
        var types = files
            .SelectMany(file => file.Types.Select(type => (type, file)))
            .ToLookup(pair => pair.type, pair => pair.file);
        var extensions = files
            .SelectMany(file => file.Extensions.Select(method => (method, file)))
            .ToLookup(pair => pair.method, pair => pair.file);
        return
        [
            .. from file in files
            from arrow in file
                .Names.SelectMany(name => types[name].Select(to => new Arrow(file, to, name)))
                .Concat(file.Calls.SelectMany(name => extensions[name].Select(to => new Arrow(file, to, name))))
            where arrow.To.Folder != file.Folder && file.Sees(arrow.To)
            select arrow,
        ];
    }
}
