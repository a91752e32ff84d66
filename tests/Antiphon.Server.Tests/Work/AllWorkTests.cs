using Antiphon.Server.Demo.Scenario;
using Antiphon.Server.Referrals;
using Antiphon.Server.Work;
using Microsoft.Extensions.Hosting;

namespace Antiphon.Server.Tests.Work;

/// <summary>Whatever runs beside the requests is done in one of the ways that come to an end.</summary>
public sealed class AllWorkTests
{
    // What a crash loses there are two seconds of counts; and the voices of the demo.
    private static readonly Type[] Others = [typeof(ArrivalCounting), typeof(DemoPlacement), typeof(DemoVoices)];

    [Fact]
    public void Every_worker_claims_its_rows_or_repeats_what_may_be_repeated()
    {
        var workers = typeof(LeasedWork<>)
            .Assembly.GetTypes()
            .Where(type =>
                type is { IsAbstract: false, IsClass: true }
                && type.IsAssignableTo(typeof(IHostedService))
                && !type.FullName!.StartsWith("Microsoft", StringComparison.Ordinal)
            )
            .ToList();
        Assert.True(workers.Count(type => IsA(type, typeof(LeasedWork<>))) >= 15);
        Assert.All(workers, type =>
            Assert.True(
                IsA(type, typeof(LeasedWork<>)) || IsA(type, typeof(RepeatedWork)) || Others.Contains(type),
                $"{type.Name} claims nothing: make it LeasedWork, or RepeatedWork if doing it twice does no harm."
            )
        );
    }

    private static bool IsA(Type? type, Type wanted) =>
        type is not null
        && ((type.IsGenericType ? type.GetGenericTypeDefinition() : type) == wanted || IsA(type.BaseType, wanted));
}
