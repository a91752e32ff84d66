namespace Antiphon.Server.Comments.Markup;

/// <summary>The one style sheet of threads.</summary>
internal static class ThreadStyle
{
    /// <summary>The sheet; it names only our own classes.</summary>
    public const string Sheet = """
        .antiphon-thread{display:block;max-width:44em}
        :host .antiphon-heading{color:var(--antiphon-heading-color);font:var(--antiphon-heading-font);margin:var(--antiphon-heading-margin);letter-spacing:var(--antiphon-heading-spacing)}
        .antiphon-comments{list-style:none;margin:0;padding:0}
        .antiphon-comment{margin:0 0 1.1em;padding:.1em 0 .1em .9em;border-left:2px solid color-mix(in srgb,currentColor 22%,transparent);overflow-wrap:anywhere}
        .antiphon-comment[data-depth="1"]{margin-left:1.4em}.antiphon-comment[data-depth="2"]{margin-left:2.8em}.antiphon-comment[data-depth="3"]{margin-left:4.2em}
        .antiphon-comment:target,.antiphon-linked{border-left-color:currentColor;background:color-mix(in srgb,currentColor 6%,transparent)}
        .antiphon-writer{margin:0;font-size:.88em}.antiphon-writer time,.antiphon-team{opacity:.75}
        .antiphon-said p,.antiphon-said ul,.antiphon-said ol,.antiphon-said pre{margin:.3em 0}.antiphon-said blockquote{margin:.3em 0;padding-left:.8em;border-left:2px solid color-mix(in srgb,currentColor 30%,transparent);opacity:.85}.antiphon-said pre{overflow:auto;padding:.5em .7em;background:color-mix(in srgb,currentColor 7%,transparent);border-radius:4px}.antiphon-said code{font-size:.92em}
        .antiphon-from{margin:.1em 0;font-size:.88em}.antiphon-from a{color:inherit}
        .antiphon-picture{margin:.4em 0}.antiphon-picture img{display:block;max-width:100%;height:auto;border-radius:4px}
        .antiphon-permanent{color:inherit;text-decoration:none}.antiphon-permanent:hover{text-decoration:underline}
        .antiphon-orders{display:flex;flex-wrap:wrap;gap:.2em .9em;margin:0 0 1.1em;font-size:.86em}.antiphon-orders span{opacity:.75}.antiphon-orders a{color:inherit;text-decoration:none;padding:.15em 0;border-bottom:2px solid transparent}.antiphon-orders a:hover{border-bottom-color:color-mix(in srgb,currentColor 40%,transparent)}.antiphon-orders a[aria-current]{border-bottom-color:currentColor;font-weight:700}
        .antiphon-acts{display:inline-flex;flex-wrap:wrap;gap:.3em .9em;align-items:center;font-size:.84em}
        .antiphon-acts button{font:inherit;color:inherit;background:none;border:1px solid color-mix(in srgb,currentColor 30%,transparent);border-radius:99px;padding:.1em .7em;min-height:2em;cursor:pointer}.antiphon-acts button[aria-pressed=true]{border-color:currentColor;font-weight:700;background:color-mix(in srgb,currentColor 10%,transparent)}
        .antiphon-acts a{color:inherit}.antiphon-foot{display:flex;flex-wrap:wrap;gap:.3em .9em;align-items:center}.antiphon-report{font-size:.84em}.antiphon-report[open]{flex-basis:100%}.antiphon-react summary{cursor:pointer;opacity:.75;list-style:none;padding:.1em .3em}.antiphon-react summary::-webkit-details-marker{display:none}.antiphon-react[open]{display:inline-flex;gap:.4em;align-items:center}.antiphon-report summary{cursor:pointer;opacity:.75;list-style:none}.antiphon-report summary::-webkit-details-marker{display:none}
        .antiphon-report form{display:grid;gap:.35em;margin-top:.5em;padding:.7em .9em;border:1px solid color-mix(in srgb,currentColor 25%,transparent);border-radius:4px}.antiphon-report button{justify-self:start;font:inherit;color:inherit;background:none;border:1px solid currentColor;border-radius:4px;padding:.3em .9em;cursor:pointer}.antiphon-report p{margin:.5em 0 0}
        .antiphon-answered{font-size:.9em}.antiphon-answered a{color:inherit}.antiphon-answered[hidden]{display:none}
        .antiphon-form{display:grid;gap:.7em;margin-top:1.6em;max-width:34em}
        .antiphon-form p{margin:0}.antiphon-pair{display:grid;grid-template-columns:repeat(auto-fit,minmax(min(100%,14em),1fr));gap:.7em}
        .antiphon-form label{display:block;font-size:.9em}.antiphon-form small{opacity:.75}
        .antiphon-form input,.antiphon-form textarea{display:block;width:100%;box-sizing:border-box;margin-top:.25em;padding:.55em .65em;font:inherit;color:inherit;background:transparent;border:1px solid color-mix(in srgb,currentColor 45%,transparent);border-radius:4px}
        .antiphon-form textarea{min-height:7em;resize:vertical}
        .antiphon-tools{display:flex;gap:.3em;margin-bottom:-.4em}.antiphon-tools[hidden]{display:none}.antiphon-form .antiphon-tools button{font:inherit;font-size:.84em;color:inherit;min-width:2.5em;min-height:2.2em;padding:0 .4em;background:none;border:1px solid color-mix(in srgb,currentColor 30%,transparent);border-radius:4px;cursor:pointer}
        .antiphon-form .antiphon-send{justify-self:start;font:inherit;font-weight:700;padding:.5em 1.2em;border:1px solid currentColor;border-radius:4px;background:transparent;color:var(--antiphon-link-color,inherit);cursor:pointer}
        .antiphon-form [aria-invalid=true]{border-color:#b3261e}.antiphon-problem{color:#b3261e;font-size:.9em}
        .antiphon-thanks{padding:.8em 1em;border:1px solid color-mix(in srgb,currentColor 30%,transparent);border-radius:4px}
        .antiphon-gone{margin:0;opacity:.7;font-style:italic}.antiphon-more,.antiphon-start,.antiphon-mine a{color:inherit}.antiphon-more{display:inline-block;padding:.35em 1em;border:1px solid color-mix(in srgb,currentColor 40%,transparent);border-radius:99px;text-decoration:none}.antiphon-more:hover{border-color:currentColor}
        .antiphon-new{display:block;font:inherit;color:inherit;margin:0 0 1em;padding:.4em 1em;border:1px solid currentColor;border-radius:99px;background:transparent;cursor:pointer}
        .antiphon-reactions{display:flex;margin:0 0 1.1em}.antiphon-rated{margin:.15em 0 0;letter-spacing:.12em}.antiphon-mine{font-size:.84em;margin-top:1.6em}
        .antiphon-ratings{margin:0 0 1.2em;max-width:22em}.antiphon-ratings p{margin:0 0 .3em}.antiphon-ratings ul{list-style:none;margin:0;padding:0;font-size:.86em}.antiphon-ratings li{display:grid;grid-template-columns:3em 1fr 2.5em;gap:.6em;align-items:center}.antiphon-ratings i{height:.5em;border-radius:99px;background:linear-gradient(currentColor,currentColor) 0/var(--share) 100% no-repeat,color-mix(in srgb,currentColor 15%,transparent)}
        .antiphon-rate{border:0;margin:0;padding:0;display:flex;flex-wrap:wrap;gap:.2em 1em}.antiphon-rate legend{font-size:.9em;padding:0;margin-bottom:.25em}.antiphon-form .antiphon-rate label{display:inline-flex;gap:.35em;align-items:center}.antiphon-form .antiphon-rate input{width:auto;margin:0}
        .antiphon-form select{font:inherit;color:inherit;background:transparent;border:1px solid color-mix(in srgb,currentColor 45%,transparent);border-radius:4px;padding:.3em .5em}.antiphon-form option{color:#1c2321;background:#fff}
        .antiphon-count{font-size:.84em;opacity:.75}.antiphon-count[hidden],.antiphon-preview[hidden],.antiphon-see[hidden]{display:none}.antiphon-preview{padding:.5em .9em;border:1px dashed color-mix(in srgb,currentColor 45%,transparent);border-radius:4px}
        .antiphon-see{font:inherit;color:inherit;background:none;border:0;text-decoration:underline;cursor:pointer;padding:.5em .4em}.antiphon-rules summary{cursor:pointer;font-size:.9em}.antiphon-rules p{margin:.4em 0}
        .antiphon-emoji{display:grid;grid-template-columns:repeat(auto-fill,minmax(2.2em,1fr));gap:.1em;max-height:11em;overflow:auto;padding:.4em;border:1px solid color-mix(in srgb,currentColor 30%,transparent);border-radius:4px}.antiphon-emoji button{font-size:1.2em;line-height:1;padding:.3em;background:none;border:1px solid transparent;border-radius:4px;cursor:pointer}.antiphon-emoji button:focus-visible{border-color:currentColor}
        .antiphon-own{display:flex;gap:.9em;font-size:.84em;margin-top:.3em}.antiphon-own button{font:inherit;color:inherit;background:none;border:0;padding:0;text-decoration:underline;cursor:pointer}.antiphon-own-form{display:grid;gap:.4em;margin-top:.4em}.antiphon-own-form textarea{width:100%;box-sizing:border-box;min-height:6em;font:inherit;color:inherit;background:transparent;border:1px solid color-mix(in srgb,currentColor 45%,transparent);border-radius:4px;padding:.5em}
        :host([data-antiphon-theme=light]) .antiphon-thread{color-scheme:light;color:#1c2321;background:#fffdf8;padding:1.2em 1.4em;border-radius:6px}:host([data-antiphon-theme=dark]) .antiphon-thread{color-scheme:dark;color:#ece7db;background:#1f2423;padding:1.2em 1.4em;border-radius:6px}:host([data-antiphon-theme=dark]) .antiphon-problem{color:#f2a89c}:host([data-antiphon-theme=light]) .antiphon-heading,:host([data-antiphon-theme=dark]) .antiphon-heading{color:inherit}
        .antiphon-trap{position:absolute;left:-9999px}
        """;
}
