using System.Xml;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Reading.Atom;

/// <summary>Atom person constructs (RFC 4287 §3.2).</summary>
internal static class AtomPerson
{
    /// <summary>Adds the person the reader stands on, when it says anything, and leaves the reader after it.</summary>
    public static void AddTo(List<FeedPerson> people, XmlReader reader, Uri? baseAddress)
    {
        string? name = null,
            mail = null,
            url = null;
        var narrowed = LinkResolver.Narrow(baseAddress, reader.GetAttribute("base", FeedNamespaces.Xml));
        XmlWalk.Children(reader, child =>
        {
            switch (child.LocalName)
            {
                case "name":
                    name ??= XmlText.ReadTrimmed(child);
                    break;
                case "email":
                    mail ??= XmlText.ReadTrimmed(child);
                    break;
                // Atom 0.3 called it url.
                case "uri" or "url" when url is null:
                    url = AddressOf(child, narrowed);
                    break;
                default:
                    child.Skip();
                    break;
            }
        });
        if (name is not null || mail is not null || url is not null)
            people.Add(new FeedPerson(name, mail, url));
    }

    private static string? AddressOf(XmlReader reader, Uri? baseAddress)
    {
        var narrowed = LinkResolver.Narrow(baseAddress, reader.GetAttribute("base", FeedNamespaces.Xml));
        return LinkResolver.Resolve(XmlText.Read(reader), narrowed);
    }
}
