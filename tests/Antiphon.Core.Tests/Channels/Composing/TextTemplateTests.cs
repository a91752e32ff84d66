using Antiphon.Core.Channels.Composing;

namespace Antiphon.Core.Tests.Channels.Composing;

public sealed class TextTemplateTests
{
    private static readonly Dictionary<string, string> Values = new()
    {
        ["title"] = "First frost",
        ["author"] = "",
        ["link"] = "https://quillmoor.example/f",
        ["tags"] = "#Frost",
    };

    [Theory]
    [InlineData("{title}: {link}", "First frost: https://quillmoor.example/f")]
    [InlineData("{ title }", "First frost")]
    [InlineData("{title}{if author} by {author}{end}!", "First frost!")]
    [InlineData("{if tags}{tags} {end}{title}", "#Frost First frost")]
    [InlineData("{{title}} {title}", "{title} First frost")]
    [InlineData("{title}\n\n{author}\n\n{link}", "First frost\n\nhttps://quillmoor.example/f")]
    [InlineData("{title}   {author}  {link}", "First frost https://quillmoor.example/f")]
    [InlineData("no field", "no field")]
    public void Fields_are_filled_in(string template, string text) =>
        Assert.Equal(text, TextTemplate.Read(template).Template!.Fill(Values));

    [Theory]
    [InlineData("From {author}, {tags}: {title}", "From #Frost: First frost")]
    [InlineData("From {tags}, {author}: {title}", "From #Frost: First frost")]
    [InlineData("{author}: {title}", "First frost")]
    [InlineData("From {author}: {title}", "From: First frost")]
    [InlineData("{author}, {author}: {title}", "First frost")]
    [InlineData("{title} · {author}", "First frost")]
    [InlineData("{title} · {author} · {tags}", "First frost · #Frost")]
    [InlineData("{title} ({author})", "First frost")]
    [InlineData("{title} – “{author}”.", "First frost.")]
    [InlineData("{title} - {author}\n{link}", "First frost\nhttps://quillmoor.example/f")]
    [InlineData("{title}, by {author}.", "First frost, by .")]
    [InlineData("{author}-hand {title}", "-hand First frost")]
    [InlineData("Mind: {title}", "Mind: First frost")]
    public void A_field_that_says_nothing_leaves_no_gap(string template, string text) =>
        Assert.Equal(text, TextTemplate.Read(template).Template!.Fill(Values));

    [Theory]
    [InlineData("{titel}", "Unknown field “titel” (at 1)")]
    [InlineData("a {title", "Missing } for the brace at 3")]
    [InlineData("a } b", "Unmatched } at 3")]
    [InlineData("{if author}x", "has no “{end}”")]
    [InlineData("x{end}", "at 2 ends nothing")]
    [InlineData("{if author}{if tags}x{end}{end}", "stands within")]
    [InlineData("{if price}x{end}", "Unknown field “price”")]
    [InlineData("{}", "Unknown field “”")]
    public void What_cannot_be_read_is_named_with_its_place(string template, string words) =>
        Assert.Contains(words, TextTemplate.Read(template).Problem, StringComparison.Ordinal);

    [Fact]
    public void A_template_has_a_bound() =>
        Assert.NotNull(TextTemplate.Read(new string('x', TextTemplate.MaxLength + 1)).Problem);
}
