namespace Antiphon.Server.Embed;

/// <summary>The one style sheet of listings. It names only our own classes and takes type and colours from around it.</summary>
internal static class ListingStyle
{
    /// <summary>The sheet; inside a shadow root, which :host tells, headings and links take the custom properties that the script sets to what the page gives its own; baked into the page they simply are the page's own.</summary>
    public const string Sheet = """
        .antiphon-listing{container-type:inline-size;display:block}
        :host .antiphon-heading{color:var(--antiphon-heading-color);font:var(--antiphon-heading-font);margin:var(--antiphon-heading-margin);letter-spacing:var(--antiphon-heading-spacing)}
        .antiphon-entries{list-style:none;margin:0;padding:0}
        .antiphon-entry{display:grid;grid-template-columns:auto minmax(0,1fr);gap:0 .8em;align-items:start;margin:0;padding:.65em 0;border-bottom:1px solid color-mix(in srgb,currentColor 18%,transparent)}
        .antiphon-entry:last-child{border-bottom:0}
        .antiphon-picture{display:block;width:84px;height:63px;object-fit:cover;border-radius:3px;background:color-mix(in srgb,currentColor 10%,transparent)}
        .antiphon-words{grid-column:2;min-width:0}
        .antiphon-entry:not(:has(.antiphon-picture)) .antiphon-words{grid-column:1/-1}
        .antiphon-title{margin:0;font:inherit;font-weight:700;line-height:1.25;overflow-wrap:anywhere}
        .antiphon-title a{text-decoration:none}
        :host .antiphon-title a{color:var(--antiphon-link-color);text-decoration:var(--antiphon-link-decoration,none)}
        .antiphon-title a:hover,.antiphon-title a:focus-visible{text-decoration:underline}
        .antiphon-byline{margin:.2em 0 0;font-size:.83em;line-height:1.4;opacity:.78}
        .antiphon-excerpt{margin:.35em 0 0;font-size:.93em;line-height:1.45;overflow-wrap:anywhere}
        .antiphon-columns .antiphon-entries{display:grid;grid-template-columns:repeat(auto-fill,minmax(min(100%,200px),1fr));gap:1.4em}
        .antiphon-columns .antiphon-entry{display:block;padding:0;border:0}
        .antiphon-columns .antiphon-picture{width:100%;height:auto;aspect-ratio:4/3;margin-bottom:.6em}
        .antiphon-empty{opacity:.75;margin:.6em 0}
        """;
}
