using Antiphon.Core.Languages;

namespace Antiphon.Core.Posts.Blocks;

/// <summary>Words around blocks, in the readers' language.</summary>
/// <param name="Contents">Heading of a table of contents.</param>
/// <param name="About">Before an author's name.</param>
/// <param name="Related">Heading of related posts.</param>
/// <param name="Notes">Heading of footnotes, for listeners.</param>
/// <param name="Back">Name of the way back from a footnote.</param>
/// <param name="Follow">Heading of the places where the site can be followed.</param>
/// <param name="Ask">Heading of a question form.</param>
/// <param name="Name">Label of a reader's name.</param>
/// <param name="Mail">Label of a reader's mail address.</param>
/// <param name="Message">Label of what is asked.</param>
/// <param name="Send">Button that sends a question.</param>
/// <param name="Subscribe">Button that asks for mail.</param>
/// <param name="SubscribeHint">What happens with the address.</param>
/// <param name="Trap">Label of the field that only programs fill in.</param>
public sealed record BlockTexts(
    string Contents,
    Phrase About,
    string Related,
    string Notes,
    string Back,
    string Follow,
    string Ask,
    string Name,
    string Mail,
    string Message,
    string Send,
    string Subscribe,
    string SubscribeHint,
    string Trap
)
{
    private static readonly Catalogue<BlockTexts> All = new("blocks");

    /// <summary>The texts for a language tag; English for a language without texts.</summary>
    public static BlockTexts For(string? language) => All.For(language);
}
