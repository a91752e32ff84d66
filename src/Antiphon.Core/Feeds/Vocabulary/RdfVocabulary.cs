using System.Xml.Linq;
using Antiphon.Core.Feeds.Forms;
using Antiphon.Core.Feeds.Rules.Rss;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Vocabulary;

/// <summary>RSS 0.90 and 1.0: one table of what stands where. What RDF adds is not in it.</summary>
internal static class RdfVocabulary
{
    private static readonly VocabularyRules Rules = new()
    {
        Unknown = RdfRules.ElementUnknown,
        Misplaced = RdfRules.Misplaced,
        Miswritten = RdfRules.Miswritten,
        Repeated = RdfRules.ElementRepeated,
        Missing = RdfRules.ElementMissing,
        AttributeUnknown = RdfRules.AttributeUnknown,
        StrayText = RdfRules.StrayText,
        ElementInText = RdfRules.ElementInText,
    };

    private static readonly ElementSpec Title = new("title") { IsRequired = true, Blank = RdfRules.ElementMissing };

    private static readonly ElementSpec Link = new("link")
    {
        IsRequired = true,
        Blank = RdfRules.ElementMissing,
        Form = AddressForm.Absolute,
    };

    /// <summary>The namespace of a document's elements: 0.90 has another than 1.0.</summary>
    public static XNamespace NameOf(XElement root) =>
        root.Elements()
            .FirstOrDefault(element => element.Name.LocalName.Equals("channel", StringComparison.OrdinalIgnoreCase))
            ?.Name.Namespace
        ?? FeedNamespaces.Rss10;

    /// <summary>RSS 1.0; 0.90 has the same elements, and neither the list nor the references.</summary>
    public static Vocabulary Whole { get; } =
        new(
            new ElementSpec("RDF")
            {
                Content = ElementContent.Elements,
                Children =
                [
                    new("channel")
                    {
                        Content = ElementContent.Elements,
                        MayRepeat = true,
                        Children =
                        [
                            Title,
                            Link,
                            new("description") { IsRequired = true },
                            new("image") { Content = ElementContent.Nothing, Attributes = [new("resource")] },
                            new("items") { Content = ElementContent.Anything },
                            new("textinput") { Content = ElementContent.Nothing, Attributes = [new("resource")] },
                        ],
                    },
                    new("image")
                    {
                        Content = ElementContent.Elements,
                        Children =
                        [
                            Title,
                            Link,
                            new("url")
                            {
                                IsRequired = true,
                                Blank = RdfRules.ElementMissing,
                                Form = AddressForm.Fetched,
                            },
                        ],
                    },
                    new("item")
                    {
                        Content = ElementContent.Elements,
                        MayRepeat = true,
                        Children = [Title, Link, new("description")],
                    },
                    new("textinput")
                    {
                        Content = ElementContent.Elements,
                        Children =
                        [
                            Title,
                            Link,
                            new("description") { IsRequired = true, Blank = RdfRules.ElementMissing },
                            new("name") { IsRequired = true, Blank = RdfRules.ElementMissing },
                        ],
                    },
                ],
            },
            Rules
        );
}
