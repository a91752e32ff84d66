using System.Text;
using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Transfer;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Importing.Reading;
using CsCheck;

namespace Antiphon.Core.Tests.Comments.Transfer;

public sealed class CommentTransferTests
{
    private static readonly DateTimeOffset At = new(2026, 11, 24, 21, 5, 7, TimeSpan.Zero);

    private static readonly PortableComment[] Talk =
    [
        new(
            "a1",
            "post-7",
            "https://quillmoor.example/log/leonids",
            "Leonids",
            null,
            "Wilf Ormerod",
            "wilf@fellside.example",
            "Forty-one!\n\n> We counted nineteen.\n\n**Which way** were you facing?",
            At
        )
        {
            Up = 3,
            Down = 1,
        },
        new(
            "a2",
            "post-7",
            "https://quillmoor.example/log/leonids",
            "Leonids",
            "a1",
            "Imogen Tarrant",
            null,
            "North-east, \"with the wall\", at our backs.",
            At.AddMinutes(12)
        )
        {
            IsTeam = true,
        },
        new(
            "b1",
            "shop",
            null,
            "Planisphere",
            null,
            "=SUM(A1)",
            "ida@reader.example",
            "-5 degrees, and it still turns.",
            At.AddDays(1),
            CommentStanding.Waiting
        )
        {
            Rating = 4,
        },
        new(
            "b2",
            "shop",
            null,
            "Planisphere",
            null,
            "Tom",
            null,
            "+44 is the code",
            At.AddDays(2),
            CommentStanding.Spam
        ),
    ];

    private const string Archive = """
        <feed xmlns="http://www.w3.org/2005/Atom" xmlns:thr="http://purl.org/syndication/thread/1.0">
          <id>tag:fellside.example,2026:log</id><title>A log</title><updated>2026-11-24T21:00:00Z</updated>
          <entry><id>tag:fellside.example,2026:1</id><title>Leonids</title><updated>2026-11-24T21:00:00Z</updated>
            <link href="https://fellside.example/leonids"/><content>We counted.</content></entry>
          <entry><id>tag:fellside.example,2026:c1</id><title>Re: Leonids</title><updated>2026-11-24T22:00:00Z</updated>
            <author><name>Wilf Ormerod</name></author><content>So did we.</content>
            <thr:in-reply-to ref="tag:fellside.example,2026:1"/></entry>
          <entry><id>tag:fellside.example,2026:c2</id><title>Re: Re: Leonids</title><updated>2026-11-24T23:00:00Z</updated>
            <author><name>Ida Marsh</name></author><content>How many?</content>
            <thr:in-reply-to ref="tag:fellside.example,2026:c1"/></entry>
        </feed>
        """;

    [Fact]
    public void Of_an_archive_posts_become_posts_and_comments_comments()
    {
        var read = CommentAtom.Read(Archive);
        Assert.Equal(
            [
                ("Wilf Ormerod", "https://fellside.example/leonids", "Leonids", null),
                ("Ida Marsh", "https://fellside.example/leonids", "Leonids", "tag:fellside.example,2026:c1"),
            ],
            read.Comments.Select(comment => (comment.Author, comment.Thread, comment.Title, comment.ParentId))
        );
        var table = FeedTable.Of(FeedReader.Read(Archive, new FeedReadOptions("application/atom+xml")).Feed!);
        Assert.Single(table.Rows);
        Assert.Contains("Leonids", table.Rows[0]);
    }

    [Fact]
    public void Json_comes_back_as_it_went() =>
        Assert.Equal(Talk, CommentTransfer.Read(CommentJson.Write(Talk)).Comments);

    [Fact]
    public void A_table_comes_back_as_it_went() =>
        Assert.Equal(Talk, CommentTransfer.Read(CommentCsv.Write(Talk)).Comments);

    [Fact]
    public void Atom_comes_back_with_everything_it_has_a_place_for()
    {
        var read = CommentTransfer.Read(
            Encoding.UTF8.GetString(CommentAtom.Write(Talk, "Quillmoor: comments", "urn:quillmoor:comments"))
        );
        Assert.Empty(read.Problems);
        Assert.Equal(
            Talk.Select(one => one with { Title = null, IsTeam = false, Up = 0, Down = 0, Rating = null }),
            read.Comments.Select(comment =>
                comment with
                {
                    Address = comment.Thread == "shop" ? null : comment.Address,
                }
            )
        );
    }

    [Fact]
    public void Any_text_survives_a_table() =>
        Gen.String[Gen.Char["ab,;\"'\n=+-@|\t é🙂"], 1, 40]
            .Where(text => text.Trim().Length > 0 && text == text.Trim())
            .Sample(text =>
            {
                var comment = Talk[0] with { Text = text, Author = text.ReplaceLineEndings(" ") };
                Assert.Equal(comment, Assert.Single(CommentTransfer.Read(CommentCsv.Write([comment])).Comments));
            });

    [Theory]
    [InlineData("=cmd|' /C calc'!A0")]
    [InlineData("+1")]
    [InlineData("-1")]
    [InlineData("@here")]
    public void A_spreadsheet_runs_nothing(string text) =>
        Assert.Contains(
            $",'{text}",
            CommentCsv.Write([Talk[0] with { Text = text }]).Replace("\"", string.Empty, StringComparison.Ordinal),
            StringComparison.Ordinal
        );

    [Theory]
    [InlineData("", "empty")]
    [InlineData("{", "Not valid JSON")]
    [InlineData("{\"posts\":[]}", "“comments”")]
    [InlineData("{\"comments\":7}", "is not a list")]
    [InlineData("<nothing/>", "cannot be read")]
    [InlineData("id,words\n1,hello", "“text”")]
    public void A_file_that_is_none_says_what_is_missing(string text, string remedy) =>
        Assert.Contains(remedy, CommentTransfer.Read(text).Problems[0].Remedy, StringComparison.Ordinal);

    [Theory]
    [InlineData("""{"thread":"t","author":"A","text":"x","published":"2026-11-24T21:00:00Z"}""", "id")]
    [InlineData("""{"id":1,"author":"A","text":"x","published":"2026-11-24T21:00:00Z"}""", "thread")]
    [InlineData("""{"id":1,"thread":"t","author":"A","text":" ","published":"2026-11-24T21:00:00Z"}""", "text")]
    [InlineData("""{"id":1,"thread":"t","author":"A","text":"x"}""", "published")]
    [InlineData("""{"id":1,"thread":"t","author":"A","text":"x","published":"yesterday"}""", "published")]
    [InlineData(
        """{"id":1,"thread":"t","author":"A","text":"x","published":"2026-11-24T21:00:00Z","standing":"gone"}""",
        "standing"
    )]
    public void A_comment_that_cannot_be_taken_names_its_field_and_the_others_stay(string broken, string field)
    {
        var read = CommentTransfer.Read(
            $$"""{"comments":[{{broken}},{"id":2,"thread":"t","author":"B","text":"good","published":"2026-11-24T21:00:00Z"}]}"""
        );
        Assert.Equal((1, field), (Assert.Single(read.Problems).Place, read.Problems[0].Field));
        Assert.Equal("good", Assert.Single(read.Comments).Text);
    }

    [Fact]
    public void The_same_id_twice_is_told_and_taken_once()
    {
        var read = CommentTransfer.Read(CommentJson.Write([Talk[0], Talk[0] with { Text = "Again." }]));
        Assert.Equal(Talk[0].Text, Assert.Single(read.Comments).Text);
        Assert.Equal("id", Assert.Single(read.Problems).Field);
    }

    [Fact]
    public void A_feed_of_another_program_keeps_its_answers_and_finds_its_pages()
    {
        const string Feed = """
            <feed xmlns="http://www.w3.org/2005/Atom" xmlns:thr="http://purl.org/syndication/thread/1.0"><id>tag:x</id><title>Comments</title><updated>2026-11-24T21:00:00Z</updated>
            <entry><id>tag:x,1</id><title>t</title><author><name>Ida</name></author><updated>2026-11-24T21:00:00Z</updated><content type="html">&lt;p&gt;First.&lt;/p&gt;</content><thr:in-reply-to ref="tag:post,9" href="https://quillmoor.example/visit"/></entry>
            <entry><id>tag:x,2</id><title>t</title><author><name>Tom</name></author><updated>2026-11-24T22:00:00Z</updated><content type="html">&lt;p&gt;Second.&lt;/p&gt;</content><thr:in-reply-to ref="tag:x,1"/><thr:in-reply-to ref="tag:post,9" href="https://quillmoor.example/visit"/></entry></feed>
            """;
        var comments = CommentTransfer.Read(Feed).Comments;
        Assert.Equal([null, "tag:x,1"], comments.Select(comment => comment.ParentId));
        Assert.All(comments, one => Assert.Equal("https://quillmoor.example/visit", one.Address));
        Assert.Equal(["First.", "Second."], comments.Select(one => one.Text));
    }
}
