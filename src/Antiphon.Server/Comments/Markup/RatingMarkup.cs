using System.Globalization;
using System.Text;
using System.Text.Json;
using Antiphon.Server.Pages.Texts;

namespace Antiphon.Server.Comments.Markup;

/// <summary>
/// What readers' ratings come to: average, spread, and the same for search engines (schema.org AggregateRating).
/// </summary>
internal static class RatingMarkup
{
    /// <summary>Writes it, where there are ratings.</summary>
    /// <param name="html">Where to.</param>
    /// <param name="ratings">How often 1, 2, 3, 4 and 5 were given; empty for none.</param>
    /// <param name="form">What the thread is about.</param>
    /// <param name="texts">The words.</param>
    public static void Append(StringBuilder html, IReadOnlyList<int> ratings, ThreadForm form, ReaderTexts texts)
    {
        if (ratings.Count == 0)
            return;
        var count = ratings.Sum();
        var average = ratings.Select((times, at) => times * (at + 1)).Sum() / (double)count;
        var shown = average.ToString("0.0", CultureInfo.InvariantCulture);
        html.Append("<div class=\"antiphon-ratings\" part=\"ratings\"><p><b aria-hidden=\"true\">")
            .Append(shown)
            .Append("</b> <span class=\"antiphon-stars\" aria-hidden=\"true\">")
            .Append('★', (int)Math.Round(average))
            .Append("<i>")
            .Append('★', 5 - (int)Math.Round(average))
            .Append("</i></span> <span>")
            .Append(texts.RatingAll.With(("rating", shown), ("count", count)))
            .Append("</span></p><ul>");
        for (var rating = 5; rating >= 1; rating--)
        {
            var share = (100 * ratings[rating - 1] / count).ToString(CultureInfo.InvariantCulture);
            html.Append("<li><span>")
                .Append(rating.ToString(CultureInfo.InvariantCulture))
                .Append(" ★</span><i style=\"--share:")
                .Append(share)
                .Append("%\"></i><span>")
                .Append(ratings[rating - 1].ToString(CultureInfo.InvariantCulture))
                .Append("</span></li>");
        }

        html.Append("</ul></div>\n<script type=\"application/ld+json\">")
            .Append(Structured(form, shown, count))
            .Append("</script>\n");
    }

    // The default encoder leaves no character that could end the script element.
    private static string Structured(ThreadForm form, string average, int count) =>
        JsonSerializer.Serialize(
            new Dictionary<string, object>
            {
                ["@context"] = "https://schema.org",
                ["@type"] = "Product",
                ["name"] = string.IsNullOrWhiteSpace(form.Title) ? form.Identifier : form.Title,
                ["url"] = form.Address,
                ["aggregateRating"] = new Dictionary<string, object>
                {
                    ["@type"] = "AggregateRating",
                    ["ratingValue"] = average,
                    ["ratingCount"] = count,
                    ["bestRating"] = 5,
                    ["worstRating"] = 1,
                },
            }
        );
}
