namespace Antiphon.StandIns.Website;

/// <summary>The style sheet of Quillmoor's website.</summary>
internal static class WebsiteStyle
{
    /// <summary>Serif, navy and ochre, as a small observatory likes it.</summary>
    public const string Sheet = """
        body { margin: 0; background: #fff; color: #222; font: 17px/1.55 Georgia, "Times New Roman", serif; }
        #top { background: #1c2b4a; color: #f1e9d2; padding: 18px 28px 14px; display: flex; flex-wrap: wrap; gap: 8px 24px; align-items: baseline; }
        #top b { font-size: 26px; letter-spacing: .02em; font-weight: 600; }
        #top a { color: #f1e9d2; text-decoration: none; opacity: .88; }
        #top a:hover { text-decoration: underline; }
        #wrap { display: grid; grid-template-columns: minmax(0, 1fr) 300px; gap: 34px; max-width: 1060px; padding: 24px 28px 60px; }
        #wrap.wide { grid-template-columns: minmax(0, 1fr); }
        h1 { font-size: 30px; color: #1c2b4a; margin: 0 0 10px; line-height: 1.2; }
        h2 { font-size: 22px; color: #1c2b4a; margin: 0 0 8px; line-height: 1.25; }
        p { margin: 0 0 14px; }
        a { color: #8a5a12; }
        img.wide { width: 100%; height: auto; display: block; margin: 0 0 16px; }
        dl.hours { display: grid; grid-template-columns: 9em 1fr; gap: 4px 12px; }
        dl.hours dd { margin: 0; }
        #foot { border-top: 1px solid #ddd6c4; color: #555; font-size: 14px; padding: 16px 28px; }
        @media (max-width: 720px) { #wrap { grid-template-columns: minmax(0, 1fr); } }
        """;
}
