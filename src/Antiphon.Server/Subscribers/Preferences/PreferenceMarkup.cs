using System.Globalization;
using System.Text;
using Antiphon.Data.Subscribers;
using Antiphon.Server.Pages;

namespace Antiphon.Server.Subscribers.Preferences;

/// <summary>The page on which a subscriber chooses. It works without script.</summary>
internal sealed class PreferenceMarkup(
    Subscriber subscriber,
    OfferedChoice offered,
    PreferenceTexts texts,
    DateTimeOffset now
)
{
    /// <summary>Its style beside that of our pages.</summary>
    public static readonly string Style = StyleSheet.Read("Subscribers/Preferences/preferences.css");

    private readonly StringBuilder _html = new();

    /// <summary>Writes it.</summary>
    /// <param name="said">What was just done, or null.</param>
    public string Write(string? said)
    {
        if (said is not null)
            _html.Append(CultureInfo.InvariantCulture, $"<p class=\"said\" role=\"status\">{E(said)}</p>");
        _html.Append(CultureInfo.InvariantCulture, $"<p>{E(subscriber.Mail)}</p>");
        if (subscriber.LeftAt is not null)
            Back(texts.LeftText);
        else if (subscriber.Suppressed is not null)
            Back(texts.Bounced);
        else
            Choice();
        Kept();
        return _html.ToString();
    }

    private string Own(string path) => $"/preferences/{E(subscriber.Key)}{path}";

    private void Back(string why) =>
        _html.Append(
            CultureInfo.InvariantCulture,
            $"<p>{E(why)}</p><form method=\"post\" action=\"{Own("/return")}\"><button>{E(texts.Return)}</button></form>"
        );

    private void Choice()
    {
        _html.Append(CultureInfo.InvariantCulture, $"<form method=\"post\" action=\"{Own(string.Empty)}\">");
        if (offered.Categories.Count > 0)
        {
            _html.Append(CultureInfo.InvariantCulture, $"<fieldset><legend>{E(texts.Which)}</legend>");
            foreach (var category in offered.Categories)
                Box("category", category, category, subscriber.Categories.Contains(category));
            _html.Append(CultureInfo.InvariantCulture, $"<small>{E(texts.Everything)}</small></fieldset>");
        }

        if (offered.Digests.Count > 1)
        {
            _html.Append(CultureInfo.InvariantCulture, $"<fieldset><legend>{E(texts.HowOften)}</legend>");
            foreach (var digest in offered.Digests)
                Box(
                    "digest",
                    digest.Id.ToString(CultureInfo.InvariantCulture),
                    digest.Name,
                    subscriber.Digests?.Contains(digest.Id) ?? digest.IsUsual
                );
            _html.Append("</fieldset>");
        }

        Pause();
        _html.Append(
            CultureInfo.InvariantCulture,
            $"<p><button>{E(texts.Save)}</button></p></form><form method=\"post\" action=\"/unsubscribe/{E(subscriber.Key)}\"><button class=\"quiet\">{E(texts.Stop)}</button></form>"
        );
    }

    private void Pause()
    {
        var isPaused = subscriber.PausedUntil > now;
        _html.Append(
            CultureInfo.InvariantCulture,
            $"<fieldset><legend>{E(texts.Pause)}</legend><select name=\"pause\" aria-label=\"{E(texts.Pause)}\">"
        );
        if (isPaused)
            Option("stay", texts.PausedUntil.With("date", Date(subscriber.PausedUntil!.Value)));
        foreach (
            var (value, words) in new[]
            {
                (string.Empty, texts.NoPause),
                ("weeks", texts.TwoWeeks),
                ("month", texts.OneMonth),
                ("quarter", texts.ThreeMonths),
            }
        )
            Option(value, words);
        _html.Append("</select></fieldset>");
    }

    private void Kept()
    {
        _html.Append(
            CultureInfo.InvariantCulture,
            $"<section><h2>{E(texts.Known)}</h2><p class=\"soft\">{E(texts.Since.With("date", Date(subscriber.CreatedAt)))}</p>"
        );
        if (subscriber.Consent is { } consent)
            _html.Append(
                CultureInfo.InvariantCulture,
                $"<p class=\"soft\">{E(texts.Agreed.With("text", consent))}</p>"
            );
        _html.Append(
            CultureInfo.InvariantCulture,
            $"<form method=\"post\" action=\"{Own("/erase")}\"><p>{E(texts.EraseText)}</p>"
        );
        Box("sure", "yes", texts.EraseSure, isTicked: false);
        _html.Append(
            CultureInfo.InvariantCulture,
            $"<button class=\"quiet\">{E(texts.Erase)}</button></form></section>"
        );
    }

    private void Box(string name, string value, string words, bool isTicked) =>
        _html.Append(
            CultureInfo.InvariantCulture,
            $"<label><input type=\"checkbox\" name=\"{name}\" value=\"{E(value)}\"{(isTicked ? " checked" : string.Empty)}>{E(words)}</label>"
        );

    private void Option(string value, string words) =>
        _html.Append(CultureInfo.InvariantCulture, $"<option value=\"{value}\">{E(words)}</option>");

    private string Date(DateTimeOffset at) =>
        SiteCulture.LongDate(at, subscriber.Site.Language, subscriber.Site.TimeZone);

    private static string E(string text) => Encoded.Html(text);
}
