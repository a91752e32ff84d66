namespace Antiphon.Core.Tests.Feeds.Checking.Cases;

/// <summary>Cases of the rules about HTML in texts.</summary>
internal static class HtmlCases
{
    /// <summary>Rules with the document that raises them.</summary>
    public static IEnumerable<(string Id, Spoilt Case)> All =>
        [
            Case.Html("html-tag-not-closed", "<p><b>Cloud.</p>"),
            Case.Html("html-tag-not-closed", "<div><p>Cloud.</p>"),
            Case.Html("html-tag-not-closed", "<a href=\"https://quillmoor.example/\">Cloud."),
            Case.Html("html-end-without-start", "<p>Cloud.</p></div>"),
            Case.Html("html-end-without-start", "<p><div>Cloud.</div></p>"),
            Case.Html("html-misnested", "<p><b><i>Cloud.</b></i></p>"),
            Case.Html("html-tag-broken", "<p>Cloud <a href=\"https://quillmoor.example/>there</a> and <a href=\"x\">here</a>.</p>"),
            Case.Html("html-tag-broken", "<p>Cloud.</p><img src=\"https://quillmoor.example/i.png\" alt=\"x\""),
            Case.Html("html-attribute-twice", "<p class=\"a\" class=\"b\">Cloud.</p>"),
            Case.Html("html-address-empty", "<p><a href=\"\">Cloud.</a></p>"),
            Case.Html("html-address-empty", "<p><img src=\"\" alt=\"Cloud\"></p>"),
            Case.Html("html-address-empty", "<p><img alt=\"Cloud\"></p>"),
            Case.Html("html-address-invalid", "<p><a href=\"http:/quillmoor.example/\">Cloud.</a></p>"),
            Case.Html("html-address-invalid", "<p><a href=\"https://quillmoor.example/second light\">Cloud.</a></p>"),
            Case.Html("html-address-without-scheme", "<p><img src=\"//quillmoor.example/i.png\" alt=\"Cloud\"></p>"),
            Case.Html("html-entity-unknown", "<p>Cloud &clowd; again.</p>"),
            Case.Html("html-document", "<html><body><p>Cloud.</p></body></html>"),
            Case.Html("html-document", "<meta charset=\"utf-8\"><p>Cloud.</p>"),
            Case.Html("html-document", "<!DOCTYPE html><p>Cloud.</p>"),
            Case.Html("html-element-unknown", "<p><colour>Cloud.</colour></p>"),
            Case.Html("html-link-nested", "<p><a href=\"https://quillmoor.example/\">a <a href=\"https://quillmoor.example/2\">b</a></a></p>"),
            Case.Html("html-style-position", "<p style=\"position: fixed; top: 0\">Cloud.</p>"),
            Case.Html("html-unsafe", "<p>Cloud.</p><iframe src=\"https://quillmoor.example/map\"></iframe>"),
            Case.Html("html-unsafe", "<style>p { color: red }</style><p>Cloud.</p>"),
            Case.Html("html-unsafe", "<p>Cloud.</p><form action=\"https://quillmoor.example/q\"></form>"),
            Case.Html("html-unsafe", "<p>Cloud.</p><object data=\"https://quillmoor.example/x.swf\"></object>"),
            Case.Html("html-event-attribute", "<p><img src=\"https://quillmoor.example/i.png\" alt=\"x\" onerror=\"x()\"></p>"),
            Case.Html("html-script-address", "<p><a href=\" java\tscript:x()\">Cloud.</a></p>"),
            Case.Html("html-script-address", "<p><a href=\"&#106;avascript:x()\">Cloud.</a></p>"),
            Case.Html("html-script-address", "<p><a href=\"data:text/html,x\">Cloud.</a></p>"),
            Case.Html("html-relative-address", "<p><img src=\"i.png\" alt=\"Cloud\"></p>"),
            Case.Html("html-relative-address", "<p><a href='../2'>Cloud</a></p>"),
            Case.Html("html-relative-address", "<p><a href=2.html>Cloud</a></p>"),
            Case.Html("html-relative-address", "<p><img src=\"https://quillmoor.example/i.png\" srcset=\"i2.png 2x\" alt=\"Cloud\"></p>"),
            Case.Html("html-relative-address", "<video poster=\"p.png\" src=\"https://quillmoor.example/v.mp4\"></video>"),
            Case.Html("html-alt-missing", "<p><img src=\"https://quillmoor.example/i.png\" title=\"alt\"></p>"),
            Case.Html("text-escaped-twice", "<p>Salt &amp;amp; pepper</p>"),
            Case.Rss(
                "text-section-shown",
                "<content:encoded><![CDATA[<p>Cloud.</p>]]></content:encoded>",
                "<content:encoded>&lt;![CDATA[&lt;p&gt;Cloud.&lt;/p&gt;]]&gt;</content:encoded>"
            ),
            Case.Json("html-in-plain-text", "\"content_text\": \"Cloud.\"", "\"content_text\": \"<p>Cloud.</p>\""),
            Case.JsonItem("html-in-plain-text", "\"summary\": \"<b>Cloud</b>\""),
            Case.JsonItem("html-in-plain-text", "\"title\": \"<i>Cloud</i>\""),
            Case.Json("html-relative-address", "<p>Clear.</p>", "<p><a href='2'>Clear.</a></p>"),
            Case.Json("html-unsafe", "<p>Clear.</p>", "<p>Clear.</p><script>x()</script>"),
            Case.Json("html-tag-not-closed", "<p>Clear.</p>", "<p><em>Clear.</p>"),
            Case.Atom("html-unsafe", "<p>Clear.</p>", "<p>Clear.</p><script>x()</script>"),
            Case.Atom("html-event-attribute", "<p>Clear.</p>", "<p onclick=\"x()\">Clear.</p>"),
            Case.Atom("html-script-address", "<p>Clear.</p>", "<p><a href=\"javascript:x()\">Clear.</a></p>"),
            Case.Atom("html-alt-missing", "<p>Clear.</p>", "<p><img src=\"https://quillmoor.example/i.png\"/></p>"),
            Case.Content("html-tag-not-closed", "<content type=\"html\">&lt;p&gt;&lt;b&gt;x&lt;/p&gt;</content>"),
            Case.Content("text-escaped-twice", "<content type=\"html\">&lt;p&gt;a &amp;amp;amp; b&lt;/p&gt;</content>"),
        ];
}
