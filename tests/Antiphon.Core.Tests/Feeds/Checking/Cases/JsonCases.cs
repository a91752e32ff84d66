namespace Antiphon.Core.Tests.Feeds.Checking.Cases;

/// <summary>More cases of the rules of JSON Feed.</summary>
internal static class JsonCases
{
    /// <summary>Rules with the document that raises them.</summary>
    public static IEnumerable<(string Id, Spoilt Case)> All => [.. Members(), .. Values()];

    private static IEnumerable<(string Id, Spoilt Case)> Members() =>
        [
            Case.Json("json-member-missing", "\"version\": \"https://jsonfeed.org/version/1.1\",", ""),
            Case.Json("json-member-missing", "\"id\": \"https://quillmoor.example/2\",", ""),
            Case.Json("json-home-page-missing", "\"home_page_url\": \"https://quillmoor.example/\",", ""),
            Case.Json("json-date-missing", "\"content_text\": \"Cloud.\",\n      \"date_published\": \"2026-11-23T09:30:00Z\"", "\"content_text\": \"Cloud.\""),
            Case.JsonTop("json-member-twice", "\"description\": \"a\", \"description\": \"b\""),
            Case.JsonItem("json-member-twice", "\"id\": \"https://quillmoor.example/2\""),
            Case.Json("json-member-case", "\"home_page_url\"", "\"homePageUrl\""),
            Case.Json("json-member-case", "\"content_text\"", "\"Content_Text\""),
            Case.JsonItem("json-member-unknown", "\"link\": \"https://quillmoor.example/2\""),
            Case.Json("json-member-unknown", "{ \"name\": \"Ida Marsh\" }", "{ \"name\": \"Ida Marsh\", \"email\": \"ida@quillmoor.example\" }"),
            Case.Json("json-member-unknown", "\"mime_type\": \"audio/mpeg\"", "\"mime_type\": \"audio/mpeg\", \"length\": 7"),
            Case.JsonTop("json-extension-name", "\"_\": {}"),
            Case.JsonTop("json-extension-not-object", "\"_moor\": 7"),
            Case.Json("json-member-newer", "https://jsonfeed.org/version/1.1", "https://jsonfeed.org/version/1") with
            {
                Case = new(GoodFeeds.Json, "\"version\": \"https://jsonfeed.org/version/1.1\"", "\"version\": \"https://jsonfeed.org/version/1\""),
            },
            Case.Json("json-version-scheme", "https://jsonfeed.org/version/1.1", "http://jsonfeed.org/version/1.1"),
            Case.Json("json-hub-incomplete", "\"type\": \"WebSub\", ", ""),
            Case.Json("json-attachment-incomplete", "\"url\": \"https://quillmoor.example/a.mp3\", ", ""),
        ];

    private static IEnumerable<(string Id, Spoilt Case)> Values() =>
        [
            Case.Json("json-member-empty", "\"id\": \"https://quillmoor.example/2\"", "\"id\": \"\""),
            Case.Json("json-member-empty", "\"title\": \"Night Log\"", "\"title\": \" \""),
            Case.Json("json-member-empty", "[\"log\"]", "[\"\"]"),
            Case.Json("json-item-not-object", "\"items\": [", "\"items\": [7,"),
            Case.Json("json-wrong-type", "\"id\": \"https://quillmoor.example/2\"", "\"id\": 2"),
            Case.Json("json-wrong-type", "\"authors\": [{ \"name\": \"Ida Marsh\" }]", "\"authors\": \"Ida Marsh\""),
            Case.Json("json-wrong-type", "[{ \"name\": \"Ida Marsh\" }]", "[\"Ida Marsh\"]"),
            Case.Json("json-wrong-type", "[\"log\"]", "\"log\""),
            Case.JsonTop("json-wrong-type", "\"expired\": \"no\""),
            Case.JsonTop("json-wrong-type", "\"description\": null"),
            Case.Json("json-wrong-type", "\"mime_type\": \"audio/mpeg\"", "\"mime_type\": \"audio/mpeg\", \"size_in_bytes\": \"7\""),
            Case.Json("json-wrong-type", "\"language\": \"en-GB\"", "\"language\": [\"en\"]"),
            Case.Json("json-number-negative", "\"mime_type\": \"audio/mpeg\"", "\"mime_type\": \"audio/mpeg\", \"size_in_bytes\": -7"),
            Case.Json("json-media-type", "\"mime_type\": \"audio/mpeg\"", "\"mime_type\": \"mp3\""),
            Case.Json("json-date-invalid", "2026-11-23T09:30:00Z", "2026-11-23"),
            Case.Json("json-date-invalid", "2026-11-23T09:30:00Z", "Mon, 23 Nov 2026 09:30:00 GMT"),
            Case.JsonItem("json-modified-before-published", "\"date_modified\": \"2026-11-22T09:30:00Z\""),
            Case.Json("json-half-character", "Cloud.", "Cloud \\ud83d"),
            Case.Json("date-in-future", "2026-11-23T09:30:00Z", "2027-11-23T09:30:00Z"),
        ];
}
