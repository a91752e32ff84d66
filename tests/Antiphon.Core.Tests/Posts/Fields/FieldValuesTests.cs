using System.Globalization;
using Antiphon.Core.Posts.Fields;

namespace Antiphon.Core.Tests.Posts.Fields;

/// <summary>Values of a blog's own fields.</summary>
public sealed class FieldValuesTests
{
    [Theory]
    [InlineData(OwnFieldKind.Text, " 20 cm refractor ", "20 cm refractor")]
    [InlineData(OwnFieldKind.LongText, "one\ntwo", "one\ntwo")]
    [InlineData(OwnFieldKind.Number, "3.5", "3.5")]
    [InlineData(OwnFieldKind.Number, "3,5", "3.5")]
    [InlineData(OwnFieldKind.Number, "1,250.5", "1250.5")]
    [InlineData(OwnFieldKind.Number, "-4", "-4")]
    [InlineData(OwnFieldKind.Date, "2026-11-24", "2026-11-24")]
    [InlineData(OwnFieldKind.Choice, "GOOD", "good")]
    [InlineData(OwnFieldKind.YesNo, "Ja", "yes")]
    [InlineData(OwnFieldKind.YesNo, "0", "no")]
    [InlineData(OwnFieldKind.Link, "https://sky.example/m31", "https://sky.example/m31")]
    [InlineData(OwnFieldKind.Picture, "https://sky.example/m31.png", "https://sky.example/m31.png")]
    [InlineData(OwnFieldKind.Number, "  ", null)]
    [InlineData(OwnFieldKind.Number, null, null)]
    public void What_was_entered_is_stored_so(OwnFieldKind kind, string? entered, string? stored) =>
        Assert.Equal((stored, null), FieldValues.Read(Field(kind), entered, mustBeThere: false));

    [Theory]
    [InlineData(OwnFieldKind.Text, "one\ntwo")]
    [InlineData(OwnFieldKind.Number, "three")]
    [InlineData(OwnFieldKind.Number, "1e9")]
    [InlineData(OwnFieldKind.Date, "24.11.2026")]
    [InlineData(OwnFieldKind.Date, "2026-02-30")]
    [InlineData(OwnFieldKind.Choice, "excellent")]
    [InlineData(OwnFieldKind.YesNo, "perhaps")]
    [InlineData(OwnFieldKind.Link, "javascript:alert(1)")]
    [InlineData(OwnFieldKind.Picture, "m31.png")]
    public void What_is_wrong_is_said_with_the_name_of_the_field(OwnFieldKind kind, string entered)
    {
        var (value, problem) = FieldValues.Read(Field(kind), entered, mustBeThere: false);
        Assert.Null(value);
        Assert.Contains("“Seeing”", problem, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(true, true, true)]
    [InlineData(true, false, false)]
    [InlineData(false, true, false)]
    public void A_required_field_may_be_empty_only_while_it_is_a_draft(
        bool isRequired,
        bool mustBeThere,
        bool isRefused
    ) =>
        Assert.Equal(
            isRefused,
            FieldValues.Read(Field(OwnFieldKind.Text) with { IsRequired = isRequired }, " ", mustBeThere).Problem
                is not null
        );

    [Fact]
    public void A_value_too_long_is_refused() =>
        Assert.NotNull(
            FieldValues.Read(Field(OwnFieldKind.LongText), new string('a', FieldValues.MaxLength + 1), false).Problem
        );

    [Theory]
    [InlineData(OwnFieldKind.Number, "1250.5", "en-GB", "1,250.5 mm")]
    [InlineData(OwnFieldKind.Number, "1250.5", "de-DE", "1.250,5 mm")]
    [InlineData(OwnFieldKind.Date, "2026-11-24", "en-GB", "24/11/2026")]
    [InlineData(OwnFieldKind.YesNo, "yes", "en-GB", "Yes")]
    [InlineData(OwnFieldKind.Choice, "good", "en-GB", "good")]
    public void Readers_are_told_in_their_words(OwnFieldKind kind, string value, string culture, string words) =>
        Assert.Equal(words, FieldValues.InWords(Field(kind), value, CultureInfo.GetCultureInfo(culture)));

    private static OwnField Field(OwnFieldKind kind) =>
        new(
            "seeing",
            "Seeing",
            kind,
            kind == OwnFieldKind.Choice ? ["good", "fair", "poor"] : [],
            kind == OwnFieldKind.Number ? "mm" : null,
            false,
            true
        );
}
