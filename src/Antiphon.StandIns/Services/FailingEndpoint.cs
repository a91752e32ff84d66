namespace Antiphon.StandIns.Services;

/// <summary>Endpoints that fail as their service is told to, before or after they did their work.</summary>
internal static class FailingEndpoint
{
    /// <summary>Lets an endpoint fail with a service.</summary>
    public static RouteHandlerBuilder FailsAs(this RouteHandlerBuilder endpoint, string service) =>
        endpoint.AddEndpointFilter(
            async (context, next) =>
            {
                var mode = context.HttpContext.RequestServices.GetRequiredService<Faults>().Now(service);
                if (await Faults.BeforeAsync(mode, context.HttpContext) is { } instead)
                    return instead;
                var done = await next(context);
                return await Faults.AfterAsync(mode, context.HttpContext) ?? done;
            }
        );
}
