using Antiphon.Core.Channels.Composing;

namespace Antiphon.Core.Mailing.Drawing;

/// <summary>A post as a digest shows it.</summary>
/// <param name="Facts">What can be said of it.</param>
/// <param name="BodyHtml">Its cleaned text, every address in full; empty where it is not shown whole.</param>
/// <param name="Picture">Address of its picture, or null.</param>
/// <param name="PictureAlt">What the picture shows; empty where that is not said.</param>
public sealed record DigestEntry(PostFacts Facts, string BodyHtml = "", string? Picture = null, string PictureAlt = "")
{
    /// <summary>Blog, date and author in one line.</summary>
    public string Byline =>
        string.Join(" · ", new[] { Facts.Blog, Facts.Date, Facts.Author }.Where(part => !string.IsNullOrEmpty(part)));
}
