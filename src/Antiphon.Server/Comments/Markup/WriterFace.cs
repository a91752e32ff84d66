using System.Globalization;
using System.Text;
using Antiphon.Core.Comments.Threads;
using Antiphon.Server.Pages;

namespace Antiphon.Server.Comments.Markup;

/// <summary>The small round sign beside a comment: the picture of an author of the site, else the writer's initials.</summary>
internal static class WriterFace
{
    // For a name that has no letters: a star of ours.
    private const string Drawn =
        "<svg viewBox=\"0 0 24 24\"><path fill=\"currentColor\" d=\"M12 3l2.3 6.7L21 12l-6.7 2.3L12 21l-2.3-6.7L3 12l6.7-2.3z\"/></svg>";

    /// <summary>Writes it; what listens reads the name beside it.</summary>
    /// <param name="html">Where to.</param>
    /// <param name="name">Name of the writer.</param>
    /// <param name="picture">Address of a picture, or null.</param>
    public static void Append(StringBuilder html, string name, string? picture)
    {
        html.Append("<span class=\"antiphon-face\" part=\"face\" aria-hidden=\"true\" data-tone=\"")
            .Append(WriterSign.ToneOf(name).ToString(CultureInfo.InvariantCulture))
            .Append("\">");
        if (picture is not null)
            html.Append("<img src=\"").Append(Encoded.Html(picture)).Append("\" alt=\"\" loading=\"lazy\">");
        else
            html.Append(WriterSign.InitialsOf(name) is { Length: > 0 } initials ? Encoded.Html(initials) : Drawn);
        html.Append("</span>");
    }
}
