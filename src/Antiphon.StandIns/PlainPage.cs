using System.Net;

namespace Antiphon.StandIns;

/// <summary>Plain pages of the outside world.</summary>
internal static class PlainPage
{
    private const string Style = """
        body{margin:0;font:16px/1.55 Verdana,Geneva,sans-serif;color:#222;background:#f4f4ef}main{max-width:46rem;margin:0 auto;padding:1.5rem}
        h1{font-size:1.6rem}a{color:#234f8c}article{background:#fff;border:1px solid #ddd;padding:.6rem 1rem;margin:.8rem 0}small{color:#555}textarea{width:100%;box-sizing:border-box;font:13px/1.5 monospace}
        table{border-collapse:collapse;width:100%}td,th{text-align:left;padding:.35rem .5rem;border-bottom:1px solid #ddd}img{max-width:100%;height:auto}button{font:inherit;padding:.4rem .9rem}
        """;

    /// <summary>A page with a heading and safe HTML below it.</summary>
    public static IResult Html(string title, string body, string head = "") =>
        Results.Content(
            $"<!doctype html><html lang=\"en\"><head><meta charset=\"utf-8\"><meta name=\"viewport\" content=\"width=device-width,initial-scale=1\"><title>{Encode(title)}</title>{head}<style>{Style}</style></head><body><main><h1>{Encode(title)}</h1>{body}</main></body></html>",
            "text/html; charset=utf-8"
        );

    /// <summary>Text as HTML.</summary>
    public static string Encode(string? text) => WebUtility.HtmlEncode(text ?? string.Empty);
}
