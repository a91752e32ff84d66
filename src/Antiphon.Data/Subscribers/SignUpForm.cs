using Antiphon.Core.Subscribers;
using Antiphon.Data.Listings;
using Antiphon.Data.Sites;

namespace Antiphon.Data.Subscribers;

/// <summary>A form that asks for new posts and can be embedded in pages.</summary>
public sealed class SignUpForm
{
    /// <summary>Identifies the sign up form in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the site the sign up form belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>Site the sign up form belongs to, when it is read with it.</summary>
    public Site Site { get; set; } = null!;

    /// <summary>Random key that stands in snippets.</summary>
    public string Key { get; set; } = string.Empty;

    /// <summary>Name for the team.</summary>
    public string Name { get; set; } = string.Empty;

    /// <summary>What it asks and says.</summary>
    public SignUpSettings Settings { get; set; } = new(SignUpShape.Inline, string.Empty, string.Empty, string.Empty);

    /// <summary>Number of the present wording of what readers agree to, from 1.</summary>
    public int ConsentVersion { get; set; } = 1;

    /// <summary>The look it shares with listings; null for the page's own.</summary>
    public long? LookId { get; set; }

    /// <summary>The look it shares with listings; null for the page's own.</summary>
    public Look? Look { get; set; }

    /// <summary>When it was taken off; its snippet shows nothing from then on.</summary>
    public DateTimeOffset? ArchivedAt { get; set; }
}
