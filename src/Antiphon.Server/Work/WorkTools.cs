using Antiphon.Data;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Work;

/// <summary>What every worker needs.</summary>
internal sealed record WorkTools(
    IServiceScopeFactory Scopes,
    IDbContextFactory<AntiphonContext> Databases,
    INoticeBoard Notices,
    TimeProvider Clock,
    Random Random,
    IOptions<DeliveryOptions> Options,
    ILogger<WorkTools> Log
);
