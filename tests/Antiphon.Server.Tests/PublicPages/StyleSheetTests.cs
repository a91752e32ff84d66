using Antiphon.Server.Pages;

namespace Antiphon.Server.Tests.PublicPages;

public sealed class StyleSheetTests
{
    [Theory]
    [InlineData("a {\n  color: red;\n}\n\nb {\n  margin: 0;\n}\n", "a{color:red}b{margin:0}")]
    [InlineData(".a :hover, .b:hover > c { top: 0; }", ".a :hover,.b:hover>c{top:0}")]
    [InlineData("/* why */ a { width: calc(100% - 2em); }", "a{width:calc(100% - 2em)}")]
    [InlineData("a::before { content: \"/* , { : */\"; }", "a::before{content:\"/* , { : */\"}")]
    [InlineData("@media (min-width: 30em) {\n  a { top: 0; }\n}", "@media (min-width:30em){a{top:0}}")]
    [InlineData("a {\n  & b { color: rgb(0 0 0 / 50%); }\n}", "a{& b{color:rgb(0 0 0 / 50%)}}")]
    public void Spaces_go_where_they_mean_nothing(string sheet, string tight) =>
        Assert.Equal(tight, StyleSheet.Tight(sheet));

    [Fact]
    public void Every_sheet_of_the_program_can_be_read_and_is_whole()
    {
        var files = typeof(StyleSheet)
            .Assembly.GetManifestResourceNames()
            .Where(name => name.EndsWith(".css", StringComparison.Ordinal))
            .ToList();
        Assert.True(files.Count > 20, $"only {files.Count} were found");
        foreach (var file in files)
        {
            var sheet = StyleSheet.Read(file);
            Assert.Equal((file, sheet.Count(sign => sign == '{')), (file, sheet.Count(sign => sign == '}')));
            Assert.DoesNotContain("/*", sheet, StringComparison.Ordinal);
        }
    }
}
