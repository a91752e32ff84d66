using AngleSharp;
using Antiphon.Core.Html;

namespace Antiphon.Core.Mailing.Drawing;

/// <summary>Links of a mail that lead over us to be counted.</summary>
public static class CountedLinks
{
    private static readonly char[] Ends = [' ', '\n'];

    /// <summary>Addresses that can be counted, in order, each once.</summary>
    public static IReadOnlyList<string> Of(ComposedDigest mail)
    {
        var inHtml = HtmlReader
            .ReadOrWords(mail.Html)
            .QuerySelectorAll("a[href]")
            .Select(link => link.GetAttribute("href")!);
        return [.. inHtml.Concat(mail.Plain.Split(Ends)).Where(CanBeCounted).Distinct()];
    }

    /// <summary>The mail with its links replaced.</summary>
    /// <param name="mail">The mail.</param>
    /// <param name="ways">The address that counts, for each address; what is missing stays.</param>
    public static ComposedDigest Through(ComposedDigest mail, IReadOnlyDictionary<string, string> ways)
    {
        var plain = string.Join(
            '\n',
            mail.Plain.Split('\n')
                .Select(line => string.Join(' ', line.Split(' ').Select(word => ways.GetValueOrDefault(word, word))))
        );
        if (mail.Html.Length == 0)
            return mail with { Plain = plain };
        var document = HtmlReader.ReadOrWords(mail.Html);
        foreach (var link in document.QuerySelectorAll("a[href]"))
        {
            if (ways.TryGetValue(link.GetAttribute("href")!, out var way))
                link.SetAttribute("href", way);
        }

        return mail with
        {
            Html = document.ToHtml(),
            Plain = plain,
        };
    }

    private static bool CanBeCounted(string address) =>
        address is not (ComposedDigest.LeaveMark or ComposedDigest.ChooseMark)
        && Uri.TryCreate(address, UriKind.Absolute, out var read)
        && read.Scheme is "http" or "https";
}
