using System.ComponentModel;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.AspNetCore.Http.Metadata;

namespace JollyBarn.Web;

/// <summary>What an address asks, as its endpoint reads it.</summary>
internal static class Addresses
{
    /// <summary>The endpoint a request came to, also where a failure is answered and it is not known any more.</summary>
    public static Endpoint? EndpointOf(HttpContext context) =>
        context.Features.Get<IExceptionHandlerPathFeature>()?.Endpoint ?? context.GetEndpoint();

    /// <summary>The first part of the address that is not of its kind, with what would be taken; null when none is.</summary>
    public static (string Says, string? Field)? WrongIn(HttpContext context)
    {
        // Where a failure is answered, the request has forgotten them.
        var routed = context.Features.Get<IExceptionHandlerPathFeature>()?.RouteValues ?? context.Request.RouteValues;
        foreach (var asked in EndpointOf(context)?.Metadata.GetOrderedMetadata<IParameterBindingMetadata>() ?? [])
        {
            var kind = Nullable.GetUnderlyingType(asked.ParameterInfo.ParameterType) ?? asked.ParameterInfo.ParameterType;
            var text = (string?)context.Request.Query[asked.Name] ?? routed?.GetValueOrDefault(asked.Name) as string;
            if ((asked.HasTryParse || kind == typeof(string)) && text is null && !asked.IsOptional)
            {
                return ($"{asked.Name} is missing in the address: {Explain.Wanted(kind)}.", asked.Name);
            }

            if (
                asked.HasTryParse
                && text is not null
                && TypeDescriptor.GetConverter(kind) is { } reads
                && reads.CanConvertFrom(typeof(string))
                && (text.Length == 0 || !reads.IsValid(text))
            )
            {
                return ($"{asked.Name} in the address is to be {Explain.Wanted(kind)}.", asked.Name);
            }
        }

        return null;
    }
}
