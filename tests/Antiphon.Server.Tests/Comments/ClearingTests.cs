using Antiphon.Data.Comments;
using Antiphon.Server.Comments;
using Antiphon.Server.Comments.Moderation;
using Antiphon.Server.Tests.Hosting;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;
using Microsoft.Extensions.Hosting;

namespace Antiphon.Server.Tests.Comments;

/// <summary>What is forgotten after thirty days.</summary>
public sealed class ClearingTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    [Theory]
    [InlineData(31, true)]
    [InlineData(29, false)]
    public async Task Where_a_comment_and_its_votes_came_from_is_forgotten(int days, bool isForgotten)
    {
        var thread = await PublicAsync();
        await thread.SpeakAsync((await thread.JsonAsync()).Text("comments.0.id"), "device-one-0123456789", vote: "up");
        await SetAsync(thread, set => set.SetProperty(one => one.CreatedAt, DateTimeOffset.UtcNow.AddDays(-days)));
        await host.InDatabaseAsync(database =>
            database.CommentVotes.ExecuteUpdateAsync(set =>
                set.SetProperty(vote => vote.GivenAt, DateTimeOffset.UtcNow.AddDays(-days))
            )
        );
        await RunAsync<PlaceClearing>();
        var row = await RowAsync(thread);
        Assert.Equal((isForgotten, isForgotten), (row.PlaceKey is null, row.NetworkKey is null));
        Assert.Equal(
            isForgotten,
            await host.InDatabaseAsync(database =>
                database.CommentVotes.Where(vote => vote.CommentId == row.Id).AllAsync(vote => vote.PlaceKey == null)
            )
        );
    }

    [Theory]
    [InlineData(31, "")]
    [InlineData(29, "Here.")]
    public async Task What_was_deleted_can_be_brought_back_for_thirty_days(int days, string text)
    {
        var thread = await PublicAsync();
        var id = (await thread.QueueAsync("public"))[0].Number("id");
        await host.Owner.PostJsonAsync(
            $"{host.Api}comments/{id}/decision",
            new { standing = "deleted", seen = "public" }
        );
        await SetAsync(thread, set => set.SetProperty(one => one.DecidedAt, DateTimeOffset.UtcNow.AddDays(-days)));
        await RunAsync<DeletedClearing>();
        Assert.Equal(text, (await RowAsync(thread)).Text);
    }

    private async Task<ThreadTalk> PublicAsync()
    {
        var thread = await ThreadTalk.NewAsync(host, "https://quillmoor.example/clearing");
        await thread.WriteAsync("Wilf Ormerod", "Here.");
        await thread.DecideAllAsync("public");
        return thread;
    }

    private Task SetAsync(
        ThreadTalk thread,
        Action<Microsoft.EntityFrameworkCore.Query.UpdateSettersBuilder<Comment>> set
    ) =>
        host.InDatabaseAsync(database =>
            database.Comments.Where(comment => comment.Thread.Identifier == thread.Identifier).ExecuteUpdateAsync(set)
        );

    private Task<Comment> RowAsync(ThreadTalk thread) =>
        host.InDatabaseAsync(database =>
            database.Comments.AsNoTracking().SingleAsync(one => one.Thread.Identifier == thread.Identifier)
        );

    private Task RunAsync<TWork>()
        where TWork : RepeatedWork =>
        host.Services.GetServices<IHostedService>().OfType<TWork>().Single().RunAsync(CancellationToken.None);
}
