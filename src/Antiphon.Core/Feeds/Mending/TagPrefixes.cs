namespace Antiphon.Core.Feeds.Mending;

/// <summary>The prefixes one start tag uses and declares (Namespaces in XML 1.0 §3 and §4).</summary>
internal sealed class TagPrefixes
{
    private const string Declaration = "xmlns:";

    private readonly List<(string Prefix, int Place)> _used = [];
    private readonly List<string> _declared = [];

    /// <summary>Those it uses, with the place in the original.</summary>
    public IReadOnlyList<(string Prefix, int Place)> Used => _used;

    /// <summary>Those it declares; they hold for the tag itself and for what stands in its element.</summary>
    public IReadOnlyList<string> Declared => _declared;

    /// <summary>Notes a name that may have a prefix.</summary>
    public void Use(string name, int place)
    {
        var colon = name.IndexOf(':', StringComparison.Ordinal);
        if (colon > 0)
            _used.Add((name[..colon], place));
    }

    /// <summary>Notes an attribute, which declares a prefix or may have one.</summary>
    public void UseOrDeclare(string attribute, int place)
    {
        if (attribute.StartsWith(Declaration, StringComparison.Ordinal))
            _declared.Add(attribute[Declaration.Length..]);
        else
            Use(attribute, place);
    }
}
