namespace Antiphon.Server.PublicPages.Posts;

/// <summary>The style of a post's own page, on top of what all our public pages share.</summary>
internal static class PostPageStyle
{
    /// <summary>The sheet.</summary>
    public const string Sheet = """
        :root{--green:#1f6f6b;--red:#a63d2f;--amber:#8a5a00;--wash:#efe9db;--wash-v:#e6efea;--wash-m:#f6e7e1;--wash-o:#f6ecd6}
        @media (prefers-color-scheme:dark){:root{--green:#6fc2bb;--red:#e58a7a;--amber:#e0b252;--wash:#2b312f;--wash-v:#20302e;--wash-m:#352522;--wash-o:#332b1b}}
        .preview{background:var(--wash-o);border-left:3px solid var(--amber);padding:.6em 1em;font:15px/1.4 system-ui,sans-serif}
        article{overflow-wrap:anywhere}article h2{font-size:1.5rem;line-height:1.2;font-weight:500;margin:1.6em 0 .5em}article h3{font-size:1.2rem;margin:1.4em 0 .4em}
        figure{margin:1.6em 0}figure img{display:block}figcaption{font:14px/1.4 system-ui,sans-serif;color:var(--soft);padding-top:.4em}figcaption:empty{display:none}
        @media (min-width:52rem){figure.wide{margin-inline:-4rem}}figure.small{max-width:55%}
        @media (min-width:34rem){figure.left{float:left;width:45%;margin:.3em 1.4em .8em 0}figure.right{float:right;width:45%;margin:.3em 0 .8em 1.4em}}
        .gallery{display:grid;grid-template-columns:repeat(auto-fit,minmax(150px,1fr));gap:.6rem;margin:1.6em 0}.gallery figure{margin:0}.gallery img{width:100%;aspect-ratio:4/3;object-fit:cover}
        blockquote.pull{border:0;border-block:3px double var(--rule);padding:.7em 0;text-align:center;font-size:1.4rem;line-height:1.35;font-style:italic;margin:1.6em 0}
        pre{background:var(--wash);padding:.8em 1em;border-radius:6px;font-size:14px;line-height:1.5}pre.copyable{display:flex;justify-content:space-between;gap:1em;border-left:3px solid var(--green);white-space:pre-wrap}pre button{font-size:13px;padding:.2em .7em;align-self:start}
        table{border-collapse:collapse;width:100%;font-size:.88em;display:block;overflow-x:auto}th,td{border:1px solid var(--rule);padding:.4em .7em;text-align:left;vertical-align:top}
        ul.tasks{list-style:none;padding-left:0}ul.tasks li{padding-left:1.7em;position:relative}ul.tasks li::before{content:"";position:absolute;left:0;top:.42em;width:.8em;height:.8em;border:1.5px solid var(--soft);border-radius:3px}ul.tasks li.done::before{background:var(--green);border-color:var(--green)}ul.tasks p{margin:.2em 0}
        a.button{display:inline-block;background:var(--green);color:var(--paper);text-decoration:none;border-radius:6px;padding:.5em 1.1em;font:600 16px system-ui,sans-serif}
        .link-card a{display:grid;grid-template-columns:1fr auto;gap:0 1em;border:1px solid var(--rule);border-radius:6px;padding:.8em 1em;text-decoration:none;color:inherit;font:15px/1.4 system-ui,sans-serif}.link-card strong,.link-card span,.link-card small{grid-column:1}.link-card img{grid-column:2;grid-row:1/4;width:110px;aspect-ratio:4/3;object-fit:cover}.link-card small{color:var(--soft)}
        .contents{border-left:3px solid var(--rule);padding:.1em 0 .1em 1.1em;font:16px/1.5 system-ui,sans-serif;margin:1.4em 0}.contents ol{list-style:none;padding:0;margin:.3em 0}.contents .level-2{padding-left:1.2em}
        .block-form{display:grid;gap:.7rem;border-block:1px solid var(--rule);padding:1.1em 0;margin:1.6em 0;font:16px/1.45 system-ui,sans-serif}.block-form label{display:grid;gap:.25rem}.block-form input,.block-form textarea{font:inherit;padding:.5em .7em;border:1px solid var(--soft);border-radius:6px;background:none;color:inherit;width:100%}.block-form button{justify-self:start}.block-form small{color:var(--soft)}.block-links ul{list-style:none;display:flex;flex-wrap:wrap;gap:.3em 1.3em;padding:0;margin:.3em 0}
        .footnotes{border-top:1px solid var(--rule);margin-top:2em;font-size:.85em}.author-box{display:flex;gap:1em;border-block:1px solid var(--rule);padding:1em 0;margin:1.6em 0;font:16px/1.5 system-ui,sans-serif}.author-box img{border-radius:50%;object-fit:cover}.author-box p{margin:.2em 0 0}
        video,audio{width:100%}.align-center{text-align:center}.align-right{text-align:right}.ink-verdigris{color:var(--green)}.ink-madder{color:var(--red)}.ink-ochre{color:var(--amber)}.ink-soft{color:var(--soft)}
        .wash-verdigris,.wash-madder,.wash-ochre{color:inherit}.wash-verdigris{background:var(--wash-v)}.wash-madder{background:var(--wash-m)}.wash-ochre{background:var(--wash-o)}
        .fields{display:flex;flex-wrap:wrap;gap:.4em 2.2em;border-block:1px solid var(--rule);padding:.8em 0;margin:2em 0 0;font:15px/1.4 system-ui,sans-serif}.fields dt{color:var(--soft);font-size:13px}.fields dd{margin:0}
        .terms,.share,.about{font:15px/1.4 system-ui,sans-serif;color:var(--soft)}.terms a{margin-right:.6em;color:inherit}.byline a{color:inherit}.share a{margin-left:.8em}.share button{background:none;color:var(--link);padding:0;font:inherit;text-decoration:underline;margin-left:1em}
        .neighbours{display:flex;justify-content:space-between;gap:1.5em;border-top:1px solid var(--rule);padding-top:1em;margin-top:2em}.neighbours a{max-width:48%;text-decoration:none}.neighbours a[rel=next]{text-align:right;margin-left:auto}.neighbours small{display:block;font:13px system-ui,sans-serif;color:var(--soft)}
        .related{margin-top:1.6em;font-size:1rem}.related ul{list-style:none;padding:0;margin:.3em 0}.related li{padding:.25em 0}
        @media print{.share,.neighbours,.related,#comments,.kicker,pre button{display:none}body{background:#fff;color:#000}a{color:inherit}article a[href^=http]::after{content:" (" attr(href) ")";font-size:.75em}}
        """;
}
