using Antiphon.Core.Mentions;
using Antiphon.Core.Mentions.Microformats;
using Antiphon.Core.Tests.Html;

namespace Antiphon.Core.Tests.Mentions;

public sealed class MentionReaderTests
{
    private const string Post = "https://log.quillmoor.example/posts/abc/first-frost";
    private static readonly Uri Source = new("https://www.tarnlane.example/notes/7");

    [Theory]
    [InlineData("u-in-reply-to", MentionKind.Answer)]
    [InlineData("u-like-of", MentionKind.Like)]
    [InlineData("u-repost-of", MentionKind.Repost)]
    [InlineData("u-bookmark-of", MentionKind.Link)]
    public void A_page_says_what_it_does_with_the_post(string property, MentionKind kind)
    {
        var page = Read(
            $"<article class='h-entry'><a class='{property}' href='{Post}'>x</a><p class='e-content'>Clear here, too.</p></article>"
        );
        Assert.Equal(kind, page!.Kind);
    }

    [Theory]
    [InlineData("http://log.quillmoor.example/posts/abc/first-frost/")]
    [InlineData("https://log.quillmoor.example/posts/abc/first-frost?utm_source=x")]
    [InlineData("//log.quillmoor.example/posts/abc/first-frost#comments")]
    public void A_link_counts_however_the_address_is_spelled(string href) =>
        Assert.NotNull(Read($"<p><a href='{href}'>frost</a></p>"));

    [Theory]
    [InlineData("<p>https://log.quillmoor.example/posts/abc/first-frost</p>")]
    [InlineData("<p><a href='https://log.quillmoor.example/posts/abc/first-frost-again'>another</a></p>")]
    [InlineData("<script src='https://log.quillmoor.example/posts/abc/first-frost'></script>")]
    [InlineData("<!-- <a href='https://log.quillmoor.example/posts/abc/first-frost'>hidden</a> -->")]
    [InlineData("")]
    public void Without_a_link_there_is_no_mention(string html) => Assert.Null(Read(html));

    [Fact]
    public void A_text_needs_the_very_address()
    {
        Assert.NotNull(MentionReader.ReadText($"See {Post} for more", Source, new Uri(Post)));
        Assert.Null(MentionReader.ReadText("See the log", Source, new Uri(Post)));
    }

    [Fact]
    public void The_entry_the_link_stands_in_is_the_one_that_speaks()
    {
        var page = Read(
            $"""
            <div class="h-feed"><article class="h-entry"><p class="e-content">Of the weather.</p><a class="p-author h-card" href="/wilf">Wilf Ormerod</a></article>
            <article class="h-entry"><a class="u-in-reply-to" href="{Post}">x</a><p class="e-content">Of the frost.</p><a class="p-author h-card" href="/ida">Ida Marsh</a></article></div>
            """
        );
        Assert.Equal(
            ("Of the frost.", "Ida Marsh", "https://www.tarnlane.example/ida"),
            (page!.Text, page.Author, page.AuthorAddress)
        );
    }

    [Theory]
    [InlineData("<span class='p-author'>Ida Marsh</span>", "Ida Marsh")]
    [InlineData("<a class='u-author' href='/ida'></a>", "tarnlane.example")]
    [InlineData("", "tarnlane.example")]
    public void Who_wrote_it_is_named_or_the_host_is(string author, string expected) =>
        Assert.Equal(
            expected,
            Read(
                $"<div class='h-entry'><a class='u-in-reply-to' href='{Post}'>x</a><p class='e-content'>Yes.</p>{author}</div>"
            )!.Author
        );

    [Fact]
    public void A_plain_page_says_its_title_its_author_and_the_passage_around_the_link()
    {
        var page = Read(
            $"<head><title>Links of the week</title><meta name='author' content='Joan Farthing'><meta property='og:title' content='Nights'></head><body><p>Of sheep.</p><p>The <a href='{Post}'>first frost</a> came early.</p></body>"
        );
        Assert.Equal(
            new MentionPage(MentionKind.Link, "Joan Farthing", null, "Nights", "The first frost came early.", null),
            page
        );
    }

    [Fact]
    public void A_long_passage_is_cut_around_the_link()
    {
        var page = Read(
            $"<p>{new string('a', 600)} before <a href='{Post}'>first frost</a> after {string.Join(' ', Enumerable.Repeat("word", 300))}</p>"
        );
        Assert.StartsWith("…", page!.Text, StringComparison.Ordinal);
        Assert.Contains("first frost", page.Text, StringComparison.Ordinal);
        Assert.InRange(page.Text.Length, 100, 402);
    }

    [Fact]
    public void Older_marks_are_read_as_their_successors()
    {
        var page = Read(
            $"<div class='hentry'><h1 class='entry-title'>Frost, found</h1><div class='entry-content'>As <a href='{Post}'>they say</a>.</div><span class='author vcard'><span class='fn'>Ida Marsh</span></span><abbr class='published' title='2026-11-20T21:30:00Z'>Friday</abbr></div>"
        );
        Assert.Equal(
            (
                "Frost, found",
                "Ida Marsh",
                DateTimeOffset.Parse("2026-11-20T21:30:00Z", System.Globalization.CultureInfo.InvariantCulture)
            ),
            (page!.Title, page.Author, page.PublishedAt)
        );
    }

    [Fact]
    public void Values_within_values_are_cut_where_they_would_grow_without_end()
    {
        var page = string.Concat(Enumerable.Repeat("<div class='p-name e-content'>", 200)) + new string('x', 500_000);
        var item = MicroformatReader.Read(TestPage.Of("<div class=h-entry>" + page), Source)[0];
        Assert.InRange(item.Values("name").Sum(value => value.Text.Length), 1, 200 * 20_001);
    }

    [Fact]
    public void An_author_who_is_an_address_of_code_is_not_linked() =>
        Assert.Null(
            Read(
                $"<div class='h-entry'><a class='u-in-reply-to' href='{Post}'>x</a><a class='p-author h-card' href='javascript:alert(1)'>Ida</a></div>"
            )!.AuthorAddress
        );

    private static MentionPage? Read(string html) => MentionReader.Read(TestPage.Of(html), Source, new Uri(Post));
}
