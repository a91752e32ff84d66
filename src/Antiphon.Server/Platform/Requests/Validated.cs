using FluentValidation;

namespace Antiphon.Server.Platform.Requests;

/// <summary>Refuses a request whose body breaks its validator, naming each field.</summary>
internal sealed class Validated<T> : IEndpointFilter
    where T : class
{
    /// <inheritdoc/>
    public async ValueTask<object?> InvokeAsync(EndpointFilterInvocationContext context, EndpointFilterDelegate next)
    {
        var body = context.Arguments.OfType<T>().First();
        var validator = context.HttpContext.RequestServices.GetRequiredService<IValidator<T>>();
        var result = await validator.ValidateAsync(body, context.HttpContext.RequestAborted);
        if (result.IsValid)
            return await next(context);
        var errors = result
            .Errors.GroupBy(error => FieldProblem.FieldName(error.PropertyName))
            .ToDictionary(group => group.Key, group => group.Select(error => error.ErrorMessage).ToArray());
        return TypedResults.ValidationProblem(errors, title: "Please check the highlighted fields.");
    }
}
