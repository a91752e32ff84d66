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
        .antiphon-comment:target{border-left-color:currentColor;background:color-mix(in srgb,currentColor 6%,transparent)}
        .antiphon-writer{margin:0;font-size:.88em}.antiphon-writer time,.antiphon-team{opacity:.75}
        .antiphon-said p{margin:.3em 0}
        .antiphon-form{display:grid;gap:.7em;margin-top:1.6em;max-width:34em}
        .antiphon-form p{margin:0}.antiphon-pair{display:grid;grid-template-columns:repeat(auto-fit,minmax(min(100%,14em),1fr));gap:.7em}
        .antiphon-form label{display:block;font-size:.9em}.antiphon-form small{opacity:.75}
        .antiphon-form input,.antiphon-form textarea{display:block;width:100%;box-sizing:border-box;margin-top:.25em;padding:.55em .65em;font:inherit;color:inherit;background:transparent;border:1px solid color-mix(in srgb,currentColor 45%,transparent);border-radius:4px}
        .antiphon-form textarea{min-height:7em;resize:vertical}
        .antiphon-form button{justify-self:start;font:inherit;font-weight:700;padding:.5em 1.2em;border:1px solid currentColor;border-radius:4px;background:transparent;color:var(--antiphon-link-color,inherit);cursor:pointer}
        .antiphon-form [aria-invalid=true]{border-color:#b3261e}.antiphon-problem{color:#b3261e;font-size:.9em}
        .antiphon-thanks{padding:.8em 1em;border:1px solid color-mix(in srgb,currentColor 30%,transparent);border-radius:4px}
        .antiphon-trap{position:absolute;left:-9999px}
        """;
}
