namespace Antiphon.Core.Importing.Matching;

/// <summary>Names under which columns are found, in the languages tables come in. The first that fits wins.</summary>
internal static class ColumnNames
{
    /// <summary>Names for each target, folded to small letters and digits.</summary>
    public static readonly IReadOnlyList<(ImportTarget Target, string[] Names)> Known =
    [
        (ImportTarget.Identifier, ["id", "guid", "uuid", "postid", "articleid", "identifier", "key", "nr", "nummer"]),
        (
            ImportTarget.Title,
            ["title", "posttitle", "headline", "heading", "subject", "name", "titel", "uberschrift", "titre", "titulo"]
        ),
        (
            ImportTarget.Excerpt,
            [
                "excerpt",
                "summary",
                "abstract",
                "teaser",
                "description",
                "shorttext",
                "intro",
                "standfirst",
                "lead",
                "zusammenfassung",
                "kurztext",
                "resume",
            ]
        ),
        (
            ImportTarget.Body,
            [
                "body",
                "content",
                "text",
                "html",
                "bodyhtml",
                "contenthtml",
                "article",
                "post",
                "postbody",
                "fulltext",
                "markdown",
                "inhalt",
                "texte",
                "contenu",
                "longtext",
            ]
        ),
        (
            ImportTarget.Date,
            [
                "date",
                "published",
                "publishedat",
                "publishdate",
                "publicationdate",
                "pubdate",
                "datepublished",
                "postdate",
                "created",
                "createdat",
                "datum",
                "veroffentlicht",
                "jour",
            ]
        ),
        (
            ImportTarget.Author,
            [
                "author",
                "authorname",
                "writer",
                "by",
                "byline",
                "authors",
                "creator",
                "autor",
                "verfasser",
                "auteur",
                "authorid",
            ]
        ),
        (
            ImportTarget.Category,
            [
                "category",
                "categories",
                "section",
                "topic",
                "kategorie",
                "kategorien",
                "rubrik",
                "categorie",
                "rubrique",
                "categoryid",
            ]
        ),
        (ImportTarget.Tags, ["tags", "tag", "keywords", "labels", "schlagworte", "schlagworter", "motscles"]),
        (ImportTarget.Slug, ["slug", "permalink", "path", "urlslug", "alias"]),
        (ImportTarget.PictureAlt, ["alt", "alttext", "imagealt", "picturealt", "pictureAlt", "bildtext"]),
        (
            ImportTarget.Picture,
            [
                "image",
                "picture",
                "photo",
                "cover",
                "coverimage",
                "featuredimage",
                "thumbnail",
                "mainimage",
                "imageurl",
                "bild",
                "titelbild",
                "photographie",
            ]
        ),
        (ImportTarget.Status, ["status", "state", "draft", "published?", "poststatus", "zustand", "entwurf"]),
        (ImportTarget.Featured, ["featured", "isfeatured", "highlight", "sticky", "empfohlen"]),
        (ImportTarget.Link, ["link", "url", "address", "canonical", "source", "sourceurl", "href", "adresse"]),
    ];

    /// <summary>A name without what differs by habit: capitals, spaces, signs and accents.</summary>
    public static string Folded(string name)
    {
        var plain = name.Normalize(System.Text.NormalizationForm.FormD)
            .Where(c => char.GetUnicodeCategory(c) != System.Globalization.UnicodeCategory.NonSpacingMark);
        return new string([.. plain.Where(char.IsLetterOrDigit).Select(char.ToLowerInvariant)]);
    }
}
