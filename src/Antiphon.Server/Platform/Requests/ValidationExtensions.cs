namespace Antiphon.Server.Platform.Requests;

/// <summary>Shorthand for endpoints with a validated body.</summary>
internal static class ValidationExtensions
{
    /// <summary>Runs the validator of <typeparamref name="T"/> before the handler.</summary>
    public static RouteHandlerBuilder Validate<T>(this RouteHandlerBuilder route)
        where T : class => route.AddEndpointFilter<Validated<T>>().ProducesValidationProblem();
}
