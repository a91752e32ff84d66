namespace Antiphon.Core.Tests.Feeds.Checking.Cases;

/// <summary>More cases of the rules of modules.</summary>
internal static class ModuleCases
{
    private const string Newer = "xmlns:podcast=\"https://podcastindex.org/namespace/1.0\"";
    private const string Geo = "xmlns:geo=\"http://www.w3.org/2003/01/geo/wgs84_pos#\"";

    /// <summary>Rules with the document that raises them.</summary>
    public static IEnumerable<(string Id, Spoilt Case)> All =>
        [
            Case.Item("module-element-unknown", "<dc:autor>Ida Marsh</dc:autor>"),
            Case.Item("module-element-unknown", "<content:encode>x</content:encode>"),
            Case.Item("module-element-unknown", "<media:thumb url=\"https://quillmoor.example/p.png\"/>"),
            Case.Channel("module-element-misplaced", "<slash:comments>3</slash:comments>"),
            Case.Item("module-element-misplaced", "<sy:updatePeriod>daily</sy:updatePeriod>"),
            Case.Channel("module-element-misplaced", "<content:encoded>x</content:encoded>"),
            Case.Item("module-element-misplaced", "<itunes:owner><itunes:name>Ida</itunes:name></itunes:owner>"),
            Case.Item("module-element-repeated", "<content:encoded>again</content:encoded>"),
            Case.Rss("module-element-repeated", "<slash:comments>3</slash:comments>", "<slash:comments>3</slash:comments><slash:comments>4</slash:comments>"),
            Case.Channel("module-attribute-missing", "<itunes:category/>"),
            Case.Item("module-attribute-missing", "<media:player width=\"3\"/>"),
            Case.Item("module-attribute-missing", $"<podcast:transcript {Newer} url=\"https://quillmoor.example/t.vtt\"/>"),
            Case.Channel("module-value-invalid", "<itunes:type>weekly</itunes:type>"),
            Case.Item("module-value-invalid", "<itunes:episode>one</itunes:episode>"),
            Case.Item("module-value-invalid", "<itunes:season>0</itunes:season>"),
            Case.Item("module-value-invalid", "<itunes:episodeType>short</itunes:episodeType>"),
            Case.Item("module-value-invalid", "<media:content url=\"https://quillmoor.example/a.mp3\" medium=\"sound\"/>"),
            Case.Item("module-value-invalid", "<media:content url=\"https://quillmoor.example/a.mp3\" isDefault=\"yes\"/>"),
            Case.Item("module-value-invalid", "<media:content url=\"https://quillmoor.example/a.mp3\" type=\"mp3\"/>"),
            Case.Item("module-value-invalid", "<media:hash algo=\"crc\">1</media:hash>"),
            Case.Channel("module-value-invalid", $"<podcast:locked {Newer}>maybe</podcast:locked>"),
            Case.Item("module-value-invalid", "<georss:elev>high</georss:elev>"),
            Case.Rss("module-value-invalid", "<slash:comments>3</slash:comments>", "<slash:comments>3</slash:comments><slash:hit_parade>many</slash:hit_parade>"),
            Case.Item("module-element-empty", "<dc:creator/>"),
            Case.Rss("module-stray-text", "<itunes:image href=\"https://quillmoor.example/i.png\"/>", "<itunes:image href=\"https://quillmoor.example/i.png\">x</itunes:image>"),
            Case.Item("module-markup-not-escaped", "<dc:description><p>Cloud.</p></dc:description>"),
            Case.Rss("module-markup-not-escaped", "<![CDATA[<p>Cloud.</p>]]>", "<p>Cloud.</p>"),
            Case.Rss("georss-place-outside", "54.1 -2.3", "154.1 -2.3"),
            Case.Item("georss-place-outside", $"<geo:lat {Geo}>95</geo:lat><geo:long {Geo}>2</geo:long>"),
            Case.Item("georss-box-turned", "<georss:box>55 -3 54 -2</georss:box>"),
            Case.Item("georss-ring-open", "<georss:polygon>54 -2 55 -2 55 -3 54 -3</georss:polygon>"),
            Case.Rss("georss-point-invalid", "54.1 -2.3", "54.1"),
            Case.Item("georss-point-invalid", "<georss:line>54 -2 55</georss:line>"),
            Case.Item("georss-point-invalid", "<georss:box>54 -2</georss:box>"),
            Case.Item("georss-point-invalid", "<georss:circle>54 -2</georss:circle>"),
            Case.Item("georss-point-invalid", "<georss:circle>54 -2 0</georss:circle>"),
            Case.Item("georss-point-invalid", "<georss:point>54.1,-2.3</georss:point>"),
            Case.Item("georss-place-outside", "<georss:circle>94 -2 50</georss:circle>"),
            Case.Item("geo-position-half", $"<geo:lat {Geo}>54</geo:lat>"),
            Case.Rss("dc-date-invalid", "<dc:date>2026-11-24T09:30:00Z", "<dc:date>2026-11-31"),
            Case.Item("dc-date-invalid", "<dc:date>2026-11-23T09:30:00</dc:date>"),
            Case.Channel("dc-date-invalid", "<sy:updateBase>midnight</sy:updateBase>"),
            Case.Item("language-unknown", "<dc:language>english</dc:language>"),
            Case.Item("address-unsuited", "<wfw:comment>mailto:ida@quillmoor.example</wfw:comment>"),
            Case.Rss("sy-period-invalid", "<sy:updatePeriod>daily", "<sy:updatePeriod>Daily"),
            Case.Rss("podcast-duration-invalid", "<itunes:duration>12:30", "<itunes:duration>12:75"),
            Case.Rss("namespace-misspelt", "http://search.yahoo.com/mrss/", "http://search.yahoo.com/mrss"),
            Case.Rss("namespace-misspelt", "http://purl.org/rss/1.0/modules/content/", "https://purl.org/rss/1.0/modules/content/"),
            Case.Atom("namespace-misspelt", "http://www.w3.org/2005/Atom", "https://www.w3.org/2005/Atom"),
        ];
}
