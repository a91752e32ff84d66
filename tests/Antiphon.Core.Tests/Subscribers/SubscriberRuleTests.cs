using Antiphon.Core.Mailing.Returns;
using Antiphon.Core.Subscribers;

namespace Antiphon.Core.Tests.Subscribers;

/// <summary>Returns, segments, forms and hashes of addresses.</summary>
public sealed class SubscriberRuleTests
{
    [Theory]
    [InlineData(ReturnKind.Hard, 0, Suppression.Bounce)]
    [InlineData(ReturnKind.Complaint, 0, Suppression.Complaint)]
    [InlineData(ReturnKind.Soft, 0, null)]
    [InlineData(ReturnKind.Soft, 3, null)]
    [InlineData(ReturnKind.Soft, 4, Suppression.Bounce)]
    public void Hard_returns_and_complaints_end_mails_at_once_and_soft_ones_after_five(
        ReturnKind kind,
        int before,
        Suppression? expected
    ) => Assert.Equal(expected, ReturnRule.After(kind, before));

    [Fact]
    public void Segments_that_cannot_hold_anybody_are_told()
    {
        Assert.Null(SegmentRule.Everybody.Problem());
        Assert.Equal(
            "until",
            new SegmentRule { Since = new DateOnly(2026, 11, 2), Until = new DateOnly(2026, 11, 1) }
                .Problem()
                ?.Part
        );
        Assert.Equal(
            "seenWithin",
            new SegmentRule { SeenWithin = 0 }
                .Problem()
                ?.Part
        );
        Assert.Equal(
            "silentFor",
            new SegmentRule { SilentFor = 4000 }
                .Problem()
                ?.Part
        );
        Assert.Equal(
            "silentFor",
            new SegmentRule { SeenWithin = 30, SilentFor = 60 }
                .Problem()
                ?.Part
        );
    }

    [Fact]
    public void Forms_with_too_much_in_them_are_told_at_the_field()
    {
        var form = new SignUpSettings(SignUpShape.Bar, "Clear nights by mail", "One letter a week.", "Yes please");
        Assert.Null(form.Problem());
        Assert.Equal("title", (form with { Title = new string('a', 121) }).Problem()?.Setting);
        Assert.Equal("consent", (form with { Consent = new string('a', 1001) }).Problem()?.Setting);
        Assert.Equal("categories", (form with { Categories = [.. Enumerable.Repeat("a", 31)] }).Problem()?.Setting);
    }

    [Fact]
    public void An_address_is_told_again_by_its_hash_at_its_own_site_alone()
    {
        var hash = AddressHash.Of("Wilf@Fellside.example ", "site-a");
        Assert.Equal(hash, AddressHash.Of("wilf@fellside.example", "site-a"));
        Assert.NotEqual(hash, AddressHash.Of("wilf@fellside.example", "site-b"));
        Assert.DoesNotContain("wilf", hash, StringComparison.OrdinalIgnoreCase);
    }
}
