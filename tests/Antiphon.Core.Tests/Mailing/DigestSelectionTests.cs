using Antiphon.Core.Mailing.Digests;

namespace Antiphon.Core.Tests.Mailing;

/// <summary>Which posts stand in a digest, and where.</summary>
public sealed class DigestSelectionTests
{
    private static readonly DateTimeOffset Monday = new(2026, 11, 23, 8, 0, 0, TimeSpan.Zero);

    private static readonly DigestPost[] Posts =
    [
        new(1, Monday, false, ["Nights"]),
        new(2, Monday.AddDays(1), true, ["Instruments"]),
        new(3, Monday.AddDays(2), false, []),
        new(4, Monday.AddDays(3), false, ["Nights", "Visits"]),
    ];

    [Theory]
    [InlineData(DigestOrder.Newest, "4 3 2 1")]
    [InlineData(DigestOrder.Oldest, "1 2 3 4")]
    [InlineData(DigestOrder.Featured, "2 4 3 1")]
    public void Posts_stand_in_the_order_asked_for(DigestOrder order, string expected) =>
        Assert.Equal(expected, Ids(Pick(DigestSettings.WithEachPost with { Order = order }).Shown));

    [Theory]
    [InlineData("", "4 3 2 1")]
    [InlineData("nights", "4 3 1")]
    [InlineData("Instruments", "3 2")]
    [InlineData("Elsewhere", "3")]
    public void Chosen_categories_keep_the_rest_away_and_posts_without_one_go_to_everybody(
        string wanted,
        string expected
    ) =>
        Assert.Equal(
            expected,
            Ids(DigestSelection.Pick(Posts, DigestSettings.WithEachPost, wanted.Length == 0 ? [] : [wanted]).Shown)
        );

    [Fact]
    public void What_is_too_many_stands_below_as_titles()
    {
        var pick = Pick(DigestSettings.WithEachPost with { Most = 3 });
        Assert.Equal(("4 3 2", "1", 4), (Ids(pick.Shown), Ids(pick.Titles), pick.Count));
    }

    [Theory]
    [InlineData(0, 1, false)]
    [InlineData(1, 1, true)]
    [InlineData(2, 3, false)]
    [InlineData(3, 3, true)]
    public void Nothing_new_sends_no_mail_and_too_little_waits(int posts, int least, bool goes) =>
        Assert.Equal(goes, DigestSelection.IsEnough(posts, DigestSettings.WithEachPost with { Least = least }));

    [Theory]
    [InlineData(10)]
    [InlineData(50)]
    [InlineData(90)]
    public void A_trial_reaches_about_its_share_and_the_same_people_each_time(int share)
    {
        var who = Enumerable
            .Range(0, 4000)
            .Select(n => SubjectTrial.IsSecond("edition", $"subscriber {n}", share))
            .ToList();
        Assert.InRange(who.Count(isSecond => isSecond), 40 * share * 0.85, 40 * share * 1.15);
        Assert.Equal(
            who,
            Enumerable.Range(0, 4000).Select(n => SubjectTrial.IsSecond("edition", $"subscriber {n}", share))
        );
        Assert.NotEqual(
            who,
            Enumerable.Range(0, 4000).Select(n => SubjectTrial.IsSecond("another", $"subscriber {n}", share))
        );
    }

    private static DigestPick Pick(DigestSettings settings) => DigestSelection.Pick(Posts, settings, []);

    private static string Ids(IEnumerable<DigestPost> posts) => string.Join(' ', posts.Select(post => post.Id));
}
