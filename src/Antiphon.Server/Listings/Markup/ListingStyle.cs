using Antiphon.Core.Listings.Definition;
using Antiphon.Core.Listings.Styles;
using Antiphon.Core.Listings.Styles.Colours;

namespace Antiphon.Server.Listings.Markup;

/// <summary>The style sheets of listings: what all share and what each layout adds. They name only our own classes and take type and colours from around them.</summary>
internal static class ListingStyle
{
    // Inside a shadow root, which :host tells, headings and links take the custom properties that the script sets to what the page gives its own; baked into the page they simply are
    // the page's own. Nothing here is !important, so that the host's part rules win.
    private const string Shared = """
        .antiphon-listing{container-type:inline-size;display:block}
        :host .antiphon-heading{color:var(--antiphon-heading-color);font:var(--antiphon-heading-font);margin:var(--antiphon-heading-margin);letter-spacing:var(--antiphon-heading-spacing)}
        .antiphon-heading a{color:inherit;text-decoration:none}
        .antiphon-entries{list-style:none;margin:0;padding:0}
        .antiphon-entry{margin:0;min-width:0}
        .antiphon-picture{display:block;object-fit:cover;border-radius:3px;background:color-mix(in srgb,currentColor 10%,transparent)}
        .antiphon-words{min-width:0}
        .antiphon-title{margin:0;font:inherit;font-weight:700;line-height:1.25;overflow-wrap:anywhere}
        .antiphon-title a{text-decoration:none}
        :host .antiphon-title a,:host .antiphon-closing a,:host .antiphon-paging a,:host .antiphon-more a,:host .antiphon-share a,:host .antiphon-share button,:host .antiphon-byline a,:host .antiphon-month a,:host .antiphon-cloud a{color:var(--antiphon-link-color)}
        :host .antiphon-title a{text-decoration:var(--antiphon-link-decoration,none)}
        .antiphon-title a:hover,.antiphon-title a:focus-visible{text-decoration:underline}
        .antiphon-byline{margin:.2em 0 0;font-size:.83em;line-height:1.4;color:color-mix(in srgb,currentColor 85%,transparent)}
        .antiphon-excerpt{margin:.35em 0 0;font-size:.93em;line-height:1.45;overflow-wrap:anywhere}
        .antiphon-tags{margin:.4em 0 0;font-size:.8em;display:flex;flex-wrap:wrap;gap:.3em .6em}.antiphon-tags span::before{content:"#"}
        .antiphon-share{margin:.5em 0 0;font-size:.9em;display:flex;flex-wrap:wrap;gap:.1em .9em}.antiphon-share button{font:inherit;background:none;border:0;padding:0;text-decoration:underline;cursor:pointer;color:inherit}.antiphon-share [hidden]{display:none}
        .antiphon-more,.antiphon-introduction{margin:.4em 0 0}.antiphon-introduction{margin-bottom:.6em}
        .antiphon-closing{margin:1em 0 0}.antiphon-empty{opacity:.85;margin:.6em 0}
        .antiphon-paging{display:flex;flex-wrap:wrap;justify-content:space-between;gap:.4em 1em;margin-top:1em}
        .antiphon-paging a,.antiphon-paging span{padding:.2em 0;min-width:1.6em}.antiphon-paging [aria-current]{font-weight:700}
        .antiphon-usual{--antiphon-ratio:4/3}.antiphon-wide{--antiphon-ratio:16/9}.antiphon-square{--antiphon-ratio:1}.antiphon-tall{--antiphon-ratio:3/4}
        .antiphon-aloud{position:absolute;width:1px;height:1px;overflow:hidden;clip-path:inset(50%);white-space:nowrap}
        """;

    private const string Lines = """
        .antiphon-entry{display:grid;grid-template-columns:auto minmax(0,1fr);gap:0 .8em;align-items:start;padding:.65em 0;border-bottom:1px solid color-mix(in srgb,currentColor 18%,transparent)}
        .antiphon-entry:last-child{border-bottom:0}
        .antiphon-picture{width:84px;height:auto;aspect-ratio:var(--antiphon-ratio)}
        .antiphon-words{grid-column:2}
        .antiphon-entry:not(:has(.antiphon-picture)) .antiphon-words{grid-column:1/-1}
        """;

    private const string SideBySide = """
        &.antiphon-1-columns{--antiphon-most:1}&.antiphon-2-columns{--antiphon-most:2}&.antiphon-3-columns{--antiphon-most:3}&.antiphon-4-columns{--antiphon-most:4}&.antiphon-5-columns{--antiphon-most:5}&.antiphon-6-columns{--antiphon-most:6}
        """;

    private const string Columns =
        SideBySide
        + "\n"
        + """
            .antiphon-entries{display:grid;grid-template-columns:repeat(auto-fill,minmax(max(min(100%,170px),(100% - (var(--antiphon-most) - 1)*1.4em)/var(--antiphon-most)),1fr));gap:1.4em}
            .antiphon-picture{width:100%;height:auto;aspect-ratio:var(--antiphon-ratio);margin-bottom:.6em}
            """;

    private const string Bricks =
        SideBySide
        + "\n"
        + """
            .antiphon-entries{columns:var(--antiphon-most) 170px;column-gap:1.4em}
            .antiphon-entry{break-inside:avoid;padding-bottom:1.4em}
            .antiphon-picture{width:100%;height:auto;margin-bottom:.6em}
            """;

    private const string Rows = """
        .antiphon-entry{display:grid;gap:.7em 1.2em;align-items:start;padding:1em 0;border-bottom:1px solid color-mix(in srgb,currentColor 18%,transparent)}
        .antiphon-entry:last-child{border-bottom:0}
        .antiphon-picture{width:100%;height:auto;aspect-ratio:var(--antiphon-ratio)}
        .antiphon-title{font-size:1.15em}
        @container (min-width:440px){
        .antiphon-entry:has(.antiphon-picture){grid-template-columns:minmax(0,38%) minmax(0,1fr)}
        &.antiphon-end .antiphon-entry:has(.antiphon-picture){grid-template-columns:minmax(0,1fr) minmax(0,38%)}
        &.antiphon-end .antiphon-picture{order:2}
        }
        """;

    private const string Zigzag =
        Rows
        + "\n"
        + """
            .antiphon-entry{border:0;align-items:center}
            @container (min-width:440px){
            .antiphon-entry:has(.antiphon-picture){grid-template-columns:repeat(2,minmax(0,1fr))}
            &.antiphon-end .antiphon-entry:has(.antiphon-picture){grid-template-columns:repeat(2,minmax(0,1fr))}
            .antiphon-entry:nth-child(even) .antiphon-picture{order:2}
            &.antiphon-end .antiphon-entry:nth-child(even) .antiphon-picture{order:0}
            }
            """;

    private const string Carousel =
        SideBySide
        + "\n"
        + """
            .antiphon-entries{display:grid;grid-auto-flow:column;grid-auto-columns:max(min(100%,220px),(100% - (var(--antiphon-most) - 1)*1.2em)/var(--antiphon-most));gap:1.2em;overflow-x:auto;scroll-snap-type:x mandatory;overscroll-behavior-x:contain;padding-bottom:.4em}
            .antiphon-entry{scroll-snap-align:start}
            .antiphon-picture{width:100%;height:auto;aspect-ratio:var(--antiphon-ratio);margin-bottom:.6em}
            .antiphon-moves{display:flex;gap:.5em;align-items:center;margin-top:.6em}
            .antiphon-moves button{font:inherit;color:inherit;background:none;border:1px solid color-mix(in srgb,currentColor 40%,transparent);border-radius:4px;min-width:2.4em;min-height:2.4em;cursor:pointer}
            .antiphon-moves span{flex:1;display:flex;gap:.4em;justify-content:center}
            .antiphon-moves .antiphon-dot{min-width:24px;min-height:24px;padding:0;border:0;position:relative}
            .antiphon-dot::after{content:"";position:absolute;inset:7px;border:1px solid currentColor;border-radius:50%}.antiphon-dot[aria-current]::after{background:currentColor}
            @media (prefers-reduced-motion:no-preference){.antiphon-entries{scroll-behavior:smooth}}
            """;

    private const string Ticker = """
        .antiphon-entries{display:flex;gap:2.4em;overflow-x:auto;white-space:nowrap;padding:.3em 0}
        .antiphon-words{display:flex;gap:.7em;align-items:baseline}.antiphon-byline{margin:0}.antiphon-title a{display:inline-block;padding:.2em 0}
        .antiphon-moves button{font:inherit;font-size:.85em;color:inherit;background:none;border:1px solid color-mix(in srgb,currentColor 40%,transparent);border-radius:4px;padding:.2em .7em;cursor:pointer}
        """;

    private const string Archive = """
        .antiphon-month{padding:.4em 0;border-bottom:1px solid color-mix(in srgb,currentColor 18%,transparent)}.antiphon-month summary{cursor:pointer;font-weight:700}
        .antiphon-count{font-weight:400;opacity:.85}.antiphon-month ul{margin:.4em 0;padding-left:1.2em}.antiphon-month li{margin:.2em 0;overflow-wrap:anywhere}
        """;

    private const string TagCloud = """
        .antiphon-cloud{list-style:none;margin:0;padding:0;display:flex;flex-wrap:wrap;gap:.2em .8em;align-items:baseline}.antiphon-cloud a{text-decoration:none}.antiphon-cloud a:hover,.antiphon-cloud a:focus-visible{text-decoration:underline}
        .antiphon-step-1{font-size:.85em}.antiphon-step-2{font-size:1em}.antiphon-step-3{font-size:1.2em}.antiphon-step-4{font-size:1.45em}.antiphon-step-5{font-size:1.75em}
        """;

    private const string Listed = """
        .antiphon-categories{list-style:none;margin:0;padding:0}.antiphon-categories li{padding:.4em 0;border-bottom:1px solid color-mix(in srgb,currentColor 18%,transparent)}
        """;

    private const string Searching = """
        .antiphon-search{display:flex;flex-wrap:wrap;gap:.4em;margin:0}.antiphon-search input{flex:1;min-width:0;width:11em;font:inherit;color:inherit;background:none;padding:.35em .6em;border:1px solid color-mix(in srgb,currentColor 45%,transparent);border-radius:4px}
        .antiphon-search button{font:inherit;color:inherit;background:none;border:1px solid color-mix(in srgb,currentColor 45%,transparent);border-radius:4px;padding:.35em .9em;cursor:pointer}
        .antiphon-found{opacity:.85;margin:.8em 0 0}mark{background:color-mix(in srgb,currentColor 16%,transparent);color:inherit;font-weight:700}
        """;

    private const string Results = """
        .antiphon-entry{padding:.8em 0;border-bottom:1px solid color-mix(in srgb,currentColor 18%,transparent)}.antiphon-picture{float:right;width:84px;height:auto;aspect-ratio:var(--antiphon-ratio);margin-left:.8em}
        """;

    private const string Reading = """
        .antiphon-view{outline:0;scroll-margin-top:1em}.antiphon-view-title{margin:.2em 0 .4em;font:var(--antiphon-heading-font,inherit);color:var(--antiphon-heading-color,inherit);outline:0;overflow-wrap:anywhere}
        .antiphon-lead{display:block;width:100%;aspect-ratio:16/9;object-fit:cover;border-radius:3px;margin:1em 0}
        .antiphon-body{overflow-wrap:anywhere}.antiphon-body img,.antiphon-body video{max-width:100%;height:auto}.antiphon-body pre{overflow:auto}.antiphon-body blockquote{margin:1em 0;padding-left:1em;border-left:3px solid color-mix(in srgb,currentColor 25%,transparent)}
        .antiphon-body figure{margin:1.2em 0}.antiphon-body figcaption{font-size:.83em;opacity:.85}.antiphon-body .gallery{display:grid;grid-template-columns:repeat(auto-fit,minmax(130px,1fr));gap:.6em}.antiphon-body .gallery figure{margin:0}.antiphon-body .gallery img{width:100%;aspect-ratio:4/3;object-fit:cover}
        .antiphon-body blockquote.pull{border:0;border-block:3px double color-mix(in srgb,currentColor 25%,transparent);padding:.6em 0;text-align:center;font-size:1.25em;font-style:italic}.antiphon-body table{border-collapse:collapse;display:block;overflow-x:auto}.antiphon-body th,.antiphon-body td{border:1px solid color-mix(in srgb,currentColor 25%,transparent);padding:.3em .6em;text-align:left}
        .antiphon-body ul.tasks{list-style:none;padding-left:0}.antiphon-body ul.tasks li::before{content:"☐ "}.antiphon-body ul.tasks li.done::before{content:"☑ "}.antiphon-body ul.tasks p{display:inline}.antiphon-body .align-center{text-align:center}.antiphon-body .align-right{text-align:right}.antiphon-body .link-card img{width:110px;float:right}.antiphon-body .link-card a{display:block;overflow:hidden;border:1px solid color-mix(in srgb,currentColor 25%,transparent);padding:.7em .9em}.antiphon-body .link-card strong,.antiphon-body .link-card span,.antiphon-body .link-card small{display:block}.antiphon-body .footnotes{font-size:.85em;border-top:1px solid color-mix(in srgb,currentColor 18%,transparent)}
        .antiphon-neighbours{border-top:1px solid color-mix(in srgb,currentColor 18%,transparent);padding-top:.8em}.antiphon-neighbours a{max-width:48%;overflow-wrap:anywhere}.antiphon-neighbours a[rel=next]{margin-left:auto;text-align:right}.antiphon-neighbours small{display:block}
        .antiphon-panel{border:0;padding:1.2em clamp(1rem,4vw,2.4rem) 2em;width:min(44rem,100%);max-width:none;height:100dvh;max-height:none;margin:0 0 0 auto;box-sizing:border-box;overflow-y:auto;overscroll-behavior:contain;color:inherit;font-size:1rem}
        .antiphon-panel::backdrop{background:rgb(0 0 0/.5)}.antiphon-close{position:sticky;top:0;float:right;font:inherit;color:inherit;background:inherit;border:1px solid currentColor;border-radius:4px;padding:.3em .9em;cursor:pointer;z-index:1}.antiphon-panel{background:Canvas}
        .antiphon-post .antiphon-tags{margin:1em 0 1.4em;font-size:.9em}.antiphon-tags a{color:inherit}.antiphon-tags a::before{content:"#"}
        :host .antiphon-post a,:host .antiphon-neighbours a,:host .antiphon-places a,:host .antiphon-categories a{color:var(--antiphon-link-color)}
        """;

    private const string WholeBlog = """
        .antiphon-places{display:flex;flex-wrap:wrap;align-items:center;gap:.4em 1.2em;padding:.5em 0;margin-bottom:.8em;border-bottom:1px solid color-mix(in srgb,currentColor 18%,transparent)}
        .antiphon-places a{padding:.25em 0;text-decoration:none}.antiphon-places a:hover,.antiphon-places a[aria-current]{text-decoration:underline;text-underline-offset:.3em}.antiphon-places .antiphon-search{margin-left:auto}@container (max-width:440px){.antiphon-places .antiphon-search{width:100%}}
        """;

    // Where a form puts the picture; it stands behind the layout's own.
    private const string Places = """
        &.antiphon-among .antiphon-entry{display:block}&.antiphon-among .antiphon-picture{width:100%;height:auto;aspect-ratio:var(--antiphon-ratio);margin:.5em 0}
        &.antiphon-beside .antiphon-entry:has(.antiphon-picture){display:grid;grid-template-columns:minmax(0,38%) minmax(0,1fr);gap:0 1em;align-items:start}&.antiphon-beside .antiphon-picture{width:100%;height:auto;aspect-ratio:var(--antiphon-ratio);margin:0}
        &.antiphon-beside.antiphon-end .antiphon-entry:has(.antiphon-picture){grid-template-columns:minmax(0,1fr) minmax(0,38%)}&.antiphon-beside.antiphon-end .antiphon-picture{order:2}
        """;

    // White on black: the least veil under which white text reads on any picture, with a little to spare for rounding.
    private static readonly string Behind = $$"""
        &.antiphon-behind .antiphon-entry:has(.antiphon-picture){display:grid;grid-template-columns:minmax(0,1fr);padding:0;margin-bottom:1em;overflow:hidden;border-radius:4px;border:0}
        &.antiphon-behind .antiphon-picture{grid-area:1/1;width:100%;height:100%;min-height:9em;aspect-ratio:var(--antiphon-ratio);margin:0;order:0}
        &.antiphon-behind .antiphon-entry:has(.antiphon-picture) .antiphon-words{grid-area:1/1;z-index:1;display:flex;flex-direction:column;justify-content:flex-end;padding:1em;background:rgb(0 0 0/{{Veil.OpacityFor(
            Colour.White,
            Colour.Black
        ) + 2}}%);color:#fff}
        &.antiphon-behind .antiphon-entry:has(.antiphon-picture) .antiphon-words *{color:#fff}
        """;

    /// <summary>The sheet of a definition: what all listings share, its layout, its look. Each of the last two counts for this listing alone, also where several stand in one page.</summary>
    /// <param name="definition">The definition.</param>
    /// <param name="key">Key of the listing, which its markup carries as a class.</param>
    public static string For(ListingDefinition definition, string key)
    {
        var own = $".antiphon-listing.antiphon-k{key}";
        var layout =
            $".antiphon-{definition.Layout.ToString().ToLowerInvariant()}{{\n{LayoutOf(definition.Layout)}\n{(definition.Form.PicturePlace is PicturePlace.ByLayout ? string.Empty : Places)}}}";
        var opens =
            definition.Layout == ListingLayout.WholeBlog || definition.Leads == EntryLead.ReadingPanel
                ? Reading
                : string.Empty;
        var behind = definition.Form.PicturePlace == PicturePlace.Behind ? $"{own}{{\n{Behind}}}" : string.Empty;
        return string.Join(
            '\n',
            new[] { Shared, opens, layout, LookSheet.Of(definition.Look, own), behind }.Where(sheet => sheet.Length > 0)
        );
    }

    private static string LayoutOf(ListingLayout layout) =>
        layout switch
        {
            ListingLayout.Columns => Columns,
            ListingLayout.Rows => Rows,
            ListingLayout.Bricks => Bricks,
            ListingLayout.Zigzag => Zigzag,
            ListingLayout.Carousel => Carousel,
            ListingLayout.Ticker => Ticker,
            ListingLayout.Archive => Archive,
            ListingLayout.TagCloud => TagCloud,
            ListingLayout.CategoryIndex => Listed,
            ListingLayout.Search => Searching + "\n" + Results,
            ListingLayout.WholeBlog => string.Join('\n', Searching, Rows, Archive, Listed, WholeBlog),
            _ => Lines,
        };
}
