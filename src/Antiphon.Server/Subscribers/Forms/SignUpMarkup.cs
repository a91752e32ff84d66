using System.Globalization;
using System.Text;
using Antiphon.Core.Languages;
using Antiphon.Core.Listings.Styles;
using Antiphon.Core.Posts.Blocks;
using Antiphon.Data.Subscribers;
using Antiphon.Server.Pages;
using Antiphon.Server.Platform;

namespace Antiphon.Server.Subscribers.Forms;

/// <summary>
/// The HTML of a form that asks for new posts: baked into snippets, fetched by the script, shown in the workplace. It
/// works as a plain post without script.
/// </summary>
internal static class SignUpMarkup
{
    private static readonly string Style = StyleSheet.Read("Subscribers/Forms/sign-up.css");

    /// <summary>The fragment with its style sheet.</summary>
    /// <param name="form">The form with site and look.</param>
    /// <param name="digests">Names of the digests it offers, by id.</param>
    /// <param name="options">The installation's settings.</param>
    public static string Fragment(SignUpForm form, IReadOnlyDictionary<long, string> digests, AntiphonOptions options)
    {
        var look = form.Look is { } shared ? LookSheet.Of(shared.Definition, $".antiphon-k{form.Key}") : string.Empty;
        return $"<style>{Style}\n{look}</style>\n<section class=\"antiphon-listing antiphon-signup antiphon-k{form.Key}\" part=\"signup\" lang=\"{E(form.Site.Language)}\" dir=\"{ReaderLanguage.DirectionOf(form.Site.Language)}\" data-shape=\"{form.Settings.Shape.ToString().ToLowerInvariant()}\" data-close=\"{E(SignUpTexts.For(form.Site.Language).Close)}\">\n{Inner(form, digests, options)}</section>";
    }

    /// <summary>
    /// What is pasted into a page: the form itself, so that it is there without script, and the script that gives it
    /// its shape.
    /// </summary>
    public static string Snippet(SignUpForm form, IReadOnlyDictionary<long, string> digests, AntiphonOptions options) =>
        $"<div data-antiphon-form=\"{form.Key}\">\n{Inner(form, digests, options)}</div>\n<script src=\"{options.AddressOf("embed/antiphon.js")}\" async></script>";

    private static string Inner(SignUpForm form, IReadOnlyDictionary<long, string> digests, AntiphonOptions options)
    {
        var (settings, texts, words) = (
            form.Settings,
            BlockTexts.For(form.Site.Language),
            SignUpTexts.For(form.Site.Language)
        );
        var html = new StringBuilder();
        if (settings.Title.Length > 0)
            html.Append(
                CultureInfo.InvariantCulture,
                $"<h2 class=\"antiphon-heading\" part=\"heading\">{E(settings.Title)}</h2>\n"
            );
        if (settings.Text.Length > 0)
            html.Append(
                CultureInfo.InvariantCulture,
                $"<p class=\"antiphon-excerpt\" part=\"text\">{E(settings.Text)}</p>\n"
            );
        html.Append(
            CultureInfo.InvariantCulture,
            $"<form method=\"post\" action=\"{E(options.AddressOf($"embed/subscribe/{form.Site.PublicKey}?form={form.Key}"))}\">\n"
        );
        if (settings.AsksName)
            html.Append(
                CultureInfo.InvariantCulture,
                $"<label><span>{E(texts.Name)}</span><input type=\"text\" name=\"name\" maxlength=\"100\" autocomplete=\"name\"></label>\n"
            );
        html.Append(
            CultureInfo.InvariantCulture,
            $"<label><span>{E(texts.Mail)}</span><input type=\"email\" name=\"mail\" required maxlength=\"200\" autocomplete=\"email\"></label>\n"
        );
        Boxes(html, words.About, "category", settings.Categories.Select(one => (one, one)));
        Boxes(
            html,
            words.HowOften,
            "digest",
            settings
                .Digests.Where(digests.ContainsKey)
                .Select(number => (number.ToString(CultureInfo.InvariantCulture), digests[number]))
        );
        if (settings.Consent.Length > 0)
            html.Append(
                CultureInfo.InvariantCulture,
                $"<label class=\"antiphon-consent\"><input type=\"checkbox\" name=\"consent\" value=\"yes\" required> {E(settings.Consent)}</label>\n"
            );
        html.Append(
            CultureInfo.InvariantCulture,
            $"<p hidden><label>{E(texts.Trap)} <input name=\"website\" tabindex=\"-1\" autocomplete=\"off\"></label></p>\n"
        );
        html.Append(
            CultureInfo.InvariantCulture,
            $"<button part=\"button\">{E(settings.Button.Length > 0 ? settings.Button : texts.Subscribe)}</button>\n<small>{E(texts.SubscribeHint)}</small>\n</form>\n"
        );
        return html.ToString();
    }

    private static void Boxes(
        StringBuilder html,
        string legend,
        string name,
        IEnumerable<(string Value, string Words)> boxes
    )
    {
        var all = boxes.ToList();
        if (all.Count == 0)
            return;
        html.Append(CultureInfo.InvariantCulture, $"<fieldset><legend>{E(legend)}</legend>");
        foreach (var (value, words) in all)
            html.Append(
                CultureInfo.InvariantCulture,
                $"<label class=\"antiphon-box\"><input type=\"checkbox\" name=\"{name}\" value=\"{E(value)}\"> {E(words)}</label>"
            );
        html.Append("</fieldset>\n");
    }

    private static string E(string text) => Encoded.Html(text);
}
