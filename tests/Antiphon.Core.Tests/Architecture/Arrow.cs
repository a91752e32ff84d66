namespace Antiphon.Core.Tests.Architecture;

/// <summary>One file of a project takes something from another.</summary>
internal sealed record Arrow(SourceFile From, SourceFile To, string Name)
{
    /// <summary>All arrows between files in different folders.</summary>
    public static IReadOnlyList<Arrow> Of(IReadOnlyList<SourceFile> files)
    {
        var types = files.SelectMany(file => file.Types.Select(type => (type, file))).ToLookup(pair => pair.type, pair => pair.file);
        var extensions = files.SelectMany(file => file.Extensions.Select(method => (method, file))).ToLookup(pair => pair.method, pair => pair.file);
        return
        [
            .. from file in files
               from arrow in file.Names.SelectMany(name => types[name].Select(to => new Arrow(file, to, name))).Concat(file.Calls.SelectMany(name => extensions[name].Select(to => new Arrow(file, to, name))))
               where arrow.To.Folder != file.Folder && file.Sees(arrow.To)
               select arrow,
        ];
    }

    /// <inheritdoc/>
    public override string ToString() => $"{From.Path} takes {Name} of {To.Path}";
}
