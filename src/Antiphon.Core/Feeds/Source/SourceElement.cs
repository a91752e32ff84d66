using System.Globalization;
using System.Text;
using Antiphon.Core.Feeds.Checking.Examining.Documents;

namespace Antiphon.Core.Feeds.Source;

/// <summary>An element of an XML document with its place, as the rules see it.</summary>
public sealed class SourceElement : ISourcePlace
{
    private static readonly List<SourceElement> None = [];
    private static readonly List<SourceAttribute> NoAttributes = [];

    // Most elements have neither.
    private List<SourceElement>? _children;
    private List<SourceAttribute>? _attributes;
    private string _text = string.Empty;
    private StringBuilder? _pieces;

    // Place among the children of that name from 1; -1 for an only one; 0 while nobody has asked.
    private int _ordinal;

    internal SourceElement(SourceElement? parent, string name, string localName, string ns, int line, int column)
    {
        Parent = parent;
        Name = name;
        LocalName = localName;
        WrittenNamespace = ns;
        Namespace = Meant(parent, localName, ns);
        Line = line;
        Column = column;
        if (parent is not null)
            (parent._children ??= []).Add(this);
    }

    /// <summary>The element around this one.</summary>
    public SourceElement? Parent { get; }

    /// <summary>Name with prefix.</summary>
    public string Name { get; }

    /// <summary>Name without prefix.</summary>
    public string LocalName { get; }

    /// <summary>
    /// Namespace name, empty for none; the one that was meant where it is misspelt, so that one slip at the top does not
    /// make everything below it unknown.
    /// </summary>
    public string Namespace { get; }

    /// <summary>Namespace name as it is written.</summary>
    public string WrittenNamespace { get; }

    /// <inheritdoc/>
    public int Line { get; }

    /// <inheritdoc/>
    public int Column { get; }

    /// <summary>Text standing directly in the element, joined.</summary>
    public string Text => _pieces is null ? _text : _text = Joined();

    /// <summary>True once there is any.</summary>
    public bool HasText => _text.Length > 0 || _pieces is not null;

    /// <summary>Where that text starts; the element's own place when it has none.</summary>
    public (int Line, int Column) TextStart { get; internal set; }

    /// <summary>
    /// True when some of the text was a CDATA section, so what looks like an entity there was meant to be seen.
    /// </summary>
    public bool HasCData { get; internal set; }

    /// <summary>Child elements in order.</summary>
    public IReadOnlyList<SourceElement> Children => _children ?? None;

    /// <summary>Attributes without namespace declarations.</summary>
    public IReadOnlyList<SourceAttribute> Attributes => _attributes ?? NoAttributes;

    /// <inheritdoc/>
    public string Path => Parent is null ? "/" + Name : $"{Parent.Path}/{Name}{Ordinal()}";

    /// <summary>The place of the text.</summary>
    public ISourcePlace TextPlace => new SourcePoint(TextStart.Line, TextStart.Column, this);

    /// <summary>
    /// The place of a character of the text. Exact only for text without entities before it, which is how CDATA is
    /// written; escaped text gets its element's line where it has one line.
    /// </summary>
    public ISourcePlace PlaceIn(int index)
    {
        var before = Text.AsSpan(0, index);
        var lines = before.Count('\n');
        var column = lines == 0 ? TextStart.Column + (HasCData ? index : 0) : index - before.LastIndexOf('\n');
        return new SourcePoint(TextStart.Line + lines, column, this);
    }

    /// <summary>Children of that name in RSS's own vocabulary (no namespace, or that of RSS 0.90 or 1.0).</summary>
    public IEnumerable<SourceElement> Own(string localName) =>
        Children.Where(child => child.LocalName == localName && child.IsRss);

    /// <summary>Children of that name and namespace.</summary>
    public IEnumerable<SourceElement> Of(string ns, string localName) =>
        Children.Where(child => child.LocalName == localName && child.Namespace == ns);

    /// <summary>True for elements of RSS's own vocabulary.</summary>
    public bool IsRss => Namespace is "" or FeedNamespaces.Rss10 or FeedNamespaces.Rss090;

    /// <summary>Value of an attribute without namespace, or null.</summary>
    public string? Attribute(string name) => Attribute(string.Empty, name);

    /// <summary>Value of an attribute of XML itself (xml:lang, xml:base), or null.</summary>
    public string? XmlAttribute(string name) => Attribute(FeedNamespaces.Xml, name);

    private string? Attribute(string ns, string name)
    {
        // Rules ask for many of elements that have none.
        if (_attributes is null)
            return null;
        foreach (var attribute in _attributes)
        {
            if (attribute.LocalName == name && attribute.Namespace == ns)
                return attribute.Value;
        }

        return null;
    }

    /// <summary>
    /// Adds a piece of text; an author may part it by comments and CDATA sections as often as he likes.
    /// </summary>
    internal void AddText(string piece)
    {
        if (_text.Length == 0 && _pieces is null)
            _text = piece;
        else
            (_pieces ??= new StringBuilder(_text)).Append(piece);
    }

    // A feed without any namespace is Atom that lost its own.
    private static string Meant(SourceElement? parent, string localName, string ns)
    {
        if (ns.Length > 0)
            return FeedNamespaces.Meant(ns);
        if (parent is null)
            return localName is "feed" or "entry" ? FeedNamespaces.Atom : ns;
        return parent is { WrittenNamespace: "", Namespace: FeedNamespaces.Atom } ? FeedNamespaces.Atom : ns;
    }

    internal void Add(SourceAttribute attribute) => (_attributes ??= []).Add(attribute);

    private string Joined()
    {
        var text = _pieces!.ToString();
        _pieces = null;
        return text;
    }

    private string Ordinal()
    {
        if (_ordinal == 0)
            Parent!.NumberChildren();
        return _ordinal < 0 ? string.Empty : "[" + _ordinal.ToString(CultureInfo.InvariantCulture) + "]";
    }

    // All at once, as a feed with one finding in every entry asks for every number.
    private void NumberChildren()
    {
        foreach (var same in Children.GroupBy(child => child.Name, StringComparer.Ordinal))
        {
            var number = 0;
            foreach (var child in same)
                child._ordinal = ++number;
            if (number == 1)
                same.First()._ordinal = -1;
        }
    }
}
