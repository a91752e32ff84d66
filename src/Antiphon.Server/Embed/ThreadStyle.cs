namespace Antiphon.Server.Embed;

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
        .antiphon-permanent{color:inherit;text-decoration:none}.antiphon-permanent:hover{text-decoration:underline}
        .antiphon-orders{display:flex;flex-wrap:wrap;gap:.2em .9em;margin:0 0 1.1em;font-size:.86em}.antiphon-orders span{opacity:.75}.antiphon-orders a{color:inherit;text-decoration:none;padding:.15em 0;border-bottom:2px solid transparent}.antiphon-orders a:hover{border-bottom-color:color-mix(in srgb,currentColor 40%,transparent)}.antiphon-orders a[aria-current]{border-bottom-color:currentColor;font-weight:700}
        .antiphon-acts{display:inline-flex;flex-wrap:wrap;gap:.3em .9em;align-items:center;font-size:.84em}
        .antiphon-acts button{font:inherit;color:inherit;background:none;border:1px solid color-mix(in srgb,currentColor 30%,transparent);border-radius:99px;padding:.1em .7em;min-height:2em;cursor:pointer}.antiphon-acts button[aria-pressed=true]{border-color:currentColor;font-weight:700;background:color-mix(in srgb,currentColor 10%,transparent)}
        .antiphon-acts a{color:inherit}.antiphon-report{display:inline-block;margin-left:.9em;font-size:.84em;vertical-align:middle}.antiphon-report[open]{display:block;margin:.4em 0 0}.antiphon-report summary{cursor:pointer;opacity:.75;list-style:none}.antiphon-report summary::-webkit-details-marker{display:none}
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
        .antiphon-trap{position:absolute;left:-9999px}
        """;
}
