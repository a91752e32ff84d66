using System.Xml.Linq;
using Antiphon.Core.Feeds.Forms;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Rules.Modules;
using Antiphon.Core.Feeds.Rules.Rss;
using Antiphon.Core.Feeds.Rules.Texts;
using Antiphon.Core.Feeds.Source;
using Antiphon.Core.Feeds.Vocabulary;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Repair.Xml;

/// <summary>
/// The last step of a repair: values that only programs read, that no program can read and nobody can guess, are kept in
/// a namespace of their own, as are optional elements that say nothing without a part they lack. Programs leave out the
/// one as the other; what people read, dates and addresses of posts stay where they are and stay findings.
/// </summary>
internal static class SetAside
{
    private static readonly HashSet<CheckRule> Values =
    [
        SharedRules.LanguageInvalid,
        LanguageRules.Unknown,
        RssDetailRules.Ttl,
        RssDetailRules.SkipHour,
        RssDetailRules.SkipDay,
        RssDetailRules.ImageSize,
        RssStructureRules.CloudProtocol,
        RssStructureRules.CloudPort,
        RssStructureRules.CloudPlace,
        ModuleRules.UpdatePeriod,
        ModuleRules.UpdateFrequency,
        ModuleRules.CommentNumber,
        ModuleRules.AnswerNumber,
        ModuleRules.MediaSize,
        ModuleRules.Duration,
        ModuleRules.Explicit,
        ModuleRules.Point,
        ModuleStructureRules.Value,
        ModuleStructureRules.PlaceOutside,
    ];

    // Elements nobody must have, which say nothing without a part they lack.
    private static readonly string[] Optional = ["cloud", "image", "textInput", "textinput"];

    /// <summary>Sets aside what nothing else put right.</summary>
    public static void Run(RepairWork work, FeedFormat format)
    {
        RunModules(work);
        var (vocabulary, name) = format switch
        {
            FeedFormat.Atom => (AtomVocabulary.Of(work.Root.Name.LocalName), XNamespace.Get(FeedNamespaces.Atom)),
            FeedFormat.Rdf => (RdfVocabulary.Whole, RdfVocabulary.NameOf(work.Root)),
            _ => (RssVocabulary.Of((string?)work.Root.Attribute("version")), XNamespace.None),
        };
        RunElements(work, vocabulary, name);
    }

    private static void RunElements(RepairWork work, Vocabulary.Vocabulary vocabulary, XNamespace name)
    {
        var known = new List<(XElement Element, ElementSpec Spec)> { (work.Root, vocabulary.Root) };
        for (var at = 0; at < known.Count; at++)
        {
            foreach (var child in known[at].Element.Elements().Where(child => child.Name.Namespace == name))
            {
                if (known[at].Spec.Child(child.Name.LocalName) is { } spec)
                    known.Add((child, spec));
            }
        }

        // From within to without, as an element may come to lack what was set aside in it.
        known.Reverse();
        foreach (var (element, spec) in known)
            Look(work, element, spec, RuleOfLacking(element, spec, vocabulary));
    }

    private static void RunModules(RepairWork work)
    {
        foreach (var element in work.Root.Descendants().Reverse().ToList())
        {
            if (Modules.Find(element.Name.NamespaceName)?.Find(element.Name.LocalName) is { } known)
                Look(
                    work,
                    element,
                    known.Spec,
                    LacksFile(element) ? ModuleRules.MediaAddress
                        : IsHalf(element) ? ModuleStructureRules.PositionHalf
                        : RuleOf(element, known.Spec, known.Spec.Incomplete ?? ModuleStructureRules.AttributeMissing)
                );
        }
    }

    private static void Look(RepairWork work, XElement element, ElementSpec spec, CheckRule? lacking)
    {
        if (lacking is not null)
        {
            Kept.Whole(work, element);
            work.Note(element, lacking.Id, $"Set {element.Name.LocalName} aside, which lacks what it is for");
            return;
        }

        foreach (var known in spec.Attributes)
        {
            if (
                element.Attribute(known.Name) is not { } attribute
                || FaultOf(known.Form, attribute.Value) is not { } fault
            )
                continue;
            work.Note(
                element,
                fault.Rule.Id,
                $"Set the value “{Text.Shortened.ToLength(attribute.Value, 80)}” of {known.Name} aside, which no program can read"
            );
            if (known.IsRequired)
            {
                Kept.Whole(work, element);
                return;
            }

            Kept.Attribute(work, attribute);
        }

        if (element.HasElements || FaultOf(spec.Form, element.Value) is not { } slip)
            return;
        work.Note(
            element,
            slip.Rule.Id,
            $"Set the value “{Text.Shortened.ToLength(element.Value.Trim(), 80)}” of {element.Name.LocalName} aside, which no program can read"
        );
        Kept.Whole(work, element);
    }

    private static Fault? FaultOf(ValueForm? form, string value) =>
        !string.IsNullOrWhiteSpace(value) && form?.Invoke(value) is { } fault && Values.Contains(fault.Rule)
            ? fault
            : null;

    private static CheckRule? RuleOfLacking(XElement element, ElementSpec spec, Vocabulary.Vocabulary vocabulary) =>
        Optional.Contains(element.Name.LocalName)
            ? RuleOf(element, spec, spec.Incomplete ?? vocabulary.Rules.Missing)
            : null;

    private static CheckRule? RuleOf(XElement element, ElementSpec spec, CheckRule rule)
    {
        var lacks =
            spec.Attributes.Any(known => known.IsMissing((string?)element.Attribute(known.Name)))
            || spec.Children.Any(known =>
                known.IsRequired
                && string.IsNullOrWhiteSpace((string?)element.Element(element.Name.Namespace + known.Name))
            );
        return lacks ? rule : null;
    }

    // A latitude says nothing without a longitude.
    private static bool IsHalf(XElement element) =>
        element.Name.NamespaceName == FeedNamespaces.Wgs84
        && element.Name.LocalName is "lat" or "long"
        && element.Parent!.Element(element.Name.Namespace + (element.Name.LocalName == "lat" ? "long" : "lat")) is null;

    // A file of the media module is one by its address, or by a page that plays it.
    private static bool LacksFile(XElement element) =>
        element.Name.NamespaceName == FeedNamespaces.Media
        && element.Name.LocalName is "content" or "thumbnail"
        && string.IsNullOrWhiteSpace((string?)element.Attribute("url"))
        && element.Element(element.Name.Namespace + "player") is null;
}
