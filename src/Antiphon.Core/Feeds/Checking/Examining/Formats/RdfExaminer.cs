using Antiphon.Core.Feeds.Checking.Examining.Texts;
using Antiphon.Core.Feeds.Forms;
using Antiphon.Core.Feeds.Rules.Rss;
using Antiphon.Core.Feeds.Rules.Texts;
using Antiphon.Core.Feeds.Source;
using Antiphon.Core.Feeds.Vocabulary;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Checking.Examining.Formats;

/// <summary>Applies the rules of RSS 0.90 and 1.0: the names of things and the references between them.</summary>
internal sealed class RdfExaminer(Examination examination)
{
    private readonly HashSet<string> _names = new(StringComparer.Ordinal);

    /// <summary>Examines the whole document.</summary>
    public void Examine(SourceElement root)
    {
        if (root.WrittenNamespace.Length == 0)
            examination.Report(RdfRules.NamespaceMissing, root);
        var elements = new VocabularyExaminer(examination, RdfVocabulary.Whole, element => element.IsRss);
        elements.Examine(root, RdfVocabulary.Whole.Root);
        var channels = root.Own("channel").ToList();
        if (channels.Count == 0)
        {
            examination.Report(RssRules.ChannelMissing, root);
            return;
        }

        if (channels.Count > 1)
            examination.Report(RssDetailRules.ChannelTwice, channels[1]);
        var items = root.Own("item").ToList();
        if (items.Count == 0)
            examination.Report(Finding.Overall(SharedRules.NoEntries));
        var parts = new AtomPartsExaminer(examination);
        parts.Examine(channels[0]);
        foreach (var item in items)
        {
            ExamineTexts(item);
            parts.Examine(item);
        }

        // RSS 0.90 is RDF too, but had neither names nor a list.
        if (channels[0].Namespace != FeedNamespaces.Rss10)
            return;
        ExamineName(channels[0]);
        ExamineReference(root, channels[0], "image");
        ExamineReference(root, channels[0], "textinput");
        ExamineItems(channels[0], items);
    }

    private static string? Rdf(SourceElement element, string name) =>
        element
            .Attributes.FirstOrDefault(attribute =>
                attribute.LocalName == name && attribute.Namespace == FeedNamespaces.Rdf
            )
            ?.Value;

    private void ExamineTexts(SourceElement item)
    {
        foreach (var title in item.Own("title"))
            TextExaminer.ExamineTitle(examination, title);
        foreach (var text in item.Own("description").Concat(item.Of(FeedNamespaces.Content, "encoded")))
            TextExaminer.ExamineHtml(examination, text);
    }

    private string? ExamineName(SourceElement element)
    {
        var about = Rdf(element, "about");
        if (string.IsNullOrWhiteSpace(about))
        {
            examination.Report(RdfRules.AboutMissing, element, element.Name);
            return null;
        }

        if (AddressForm.Name(about) is not null)
            examination.Report(RdfRules.AboutInvalid, element, about);
        if (!_names.Add(about))
            examination.Report(RdfRules.AboutDuplicate, element, about);
        return about;
    }

    private void ExamineReference(SourceElement root, SourceElement channel, string name)
    {
        var (reference, thing) = (channel.Own(name).FirstOrDefault(), root.Own(name).FirstOrDefault());
        var about = thing is null ? null : ExamineName(thing);
        if (reference is null)
        {
            if (thing is not null)
                examination.Report(RdfRules.NotReferred, channel, name);
            return;
        }

        var resource = Rdf(reference, "resource") ?? reference.Attribute("resource");
        if (string.IsNullOrWhiteSpace(resource))
            examination.Report(RdfRules.ResourceMissing, reference, name);
        else if (thing is null || (about is not null && about != resource))
            examination.Report(RdfRules.ReferenceBroken, reference, name, resource);
    }

    private void ExamineItems(SourceElement channel, List<SourceElement> items)
    {
        var list = channel.Own("items").SelectMany(found => found.Of(FeedNamespaces.Rdf, "Seq")).FirstOrDefault();
        if (list is null)
            examination.Report(RdfRules.SequenceMissing, channel);
        var listed = new HashSet<string>(StringComparer.Ordinal);
        foreach (var entry in list?.Of(FeedNamespaces.Rdf, "li") ?? [])
        {
            // The first feeds wrote the attribute without its prefix, and readers still take it.
            var resource = Rdf(entry, "resource") ?? entry.Attribute("resource");
            if (string.IsNullOrWhiteSpace(resource))
                examination.Report(RdfRules.ResourceMissing, entry, "rdf:li");
            else
                listed.Add(resource);
        }

        var names = new HashSet<string>(StringComparer.Ordinal);
        foreach (var item in items)
        {
            if (ExamineName(item) is not { } about)
                continue;
            names.Add(about);
            if (list is not null && !listed.Contains(about))
                examination.Report(RdfRules.NotListed, item, about);
            if (item.Own("link").FirstOrDefault()?.Text.Trim() is { Length: > 0 } link && link != about)
                examination.Report(RdfRules.AboutDiffers, item, about);
        }

        // An item without a name was told already, so what is listed in its stead is not.
        if (names.Count < items.Count)
            return;
        foreach (var entry in list?.Of(FeedNamespaces.Rdf, "li") ?? [])
        {
            if (
                (Rdf(entry, "resource") ?? entry.Attribute("resource")) is { Length: > 0 } resource
                && !names.Contains(resource)
            )
                examination.Report(RdfRules.ListedMissing, entry, resource);
        }
    }
}
