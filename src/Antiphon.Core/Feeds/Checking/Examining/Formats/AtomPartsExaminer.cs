using Antiphon.Core.Feeds.Rules.Atom;
using Antiphon.Core.Feeds.Source;
using Antiphon.Core.Feeds.Vocabulary;

namespace Antiphon.Core.Feeds.Checking.Examining.Formats;

/// <summary>
/// Applies the rules of Atom to its elements in a feed of another format, such as the link to itself of an RSS feed
/// (RSS Best Practices, atom:link; RFC 4287 §6.1).
/// </summary>
internal sealed class AtomPartsExaminer(Examination examination)
{
    private readonly AtomExaminer _atom = new(examination);
    private readonly VocabularyExaminer _elements = new(examination, AtomVocabulary.Feed, element =>
        element.Namespace == FeedNamespaces.Atom
    );

    /// <summary>Examines what a channel or an item carries of Atom.</summary>
    public void Examine(SourceElement container)
    {
        var hasAny = false;
        foreach (var element in container.Children)
        {
            if (element.Namespace != FeedNamespaces.Atom)
                continue;
            if (AtomVocabulary.Part(element.LocalName) is { } known)
            {
                hasAny = true;
                _elements.Examine(element, known);
            }
            else
                examination.Report(AtomDetailRules.ElementUnknown, element, element.Name, container.Name);
        }

        if (hasAny)
            _atom.ExamineParts(container);
    }
}
