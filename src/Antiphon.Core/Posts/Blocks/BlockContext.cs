namespace Antiphon.Core.Posts.Blocks;

/// <summary>What stands around a post where it is shown.</summary>
/// <param name="Texts">Words.</param>
/// <param name="Author">Who it is by, or null.</param>
/// <param name="Related">Posts to read on with; empty leaves the block out.</param>
public sealed record BlockContext(BlockTexts Texts, BlockAuthor? Author, IReadOnlyList<BlockLink> Related)
{
    /// <summary>Where the site can be followed; empty leaves the block out.</summary>
    public IReadOnlyList<FollowLink> Follow { get; init; } = [];

    /// <summary>Where a question form sends what is asked; null leaves the form out.</summary>
    public string? QuestionAddress { get; init; }

    /// <summary>Where a subscribe form sends the address; null leaves the form out.</summary>
    public string? SubscribeAddress { get; init; }
}

/// <summary>An author as the box shows one.</summary>
/// <param name="Name">Name.</param>
/// <param name="About">A few words, or null.</param>
/// <param name="Link">Page of the author's own, or null.</param>
/// <param name="Picture">Picture, or null.</param>
public sealed record BlockAuthor(string Name, string? About, string? Link, string? Picture);

/// <summary>A post to read on with.</summary>
/// <param name="Title">Its title.</param>
/// <param name="Address">Its address.</param>
public sealed record BlockLink(string Title, string Address);

/// <summary>A place elsewhere where a site can be followed.</summary>
/// <param name="Name">What the place is called.</param>
/// <param name="Address">Address of the site's page there.</param>
public sealed record FollowLink(string Name, string Address);
